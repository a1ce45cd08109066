import {
  FINISH_ROWS,
  inMillimetres,
  layOut,
  partsOf,
  patched,
  plan,
  readJobDocument,
  rulesOf,
  sawOf,
  sheetParts,
  stepsOf,
  type Job,
  type Patch,
  type SawnPanel,
  writtenRole,
} from './index';
import { chanceFrom } from './chance';

const DEED = { at: '2026-11-24T10:00:00Z', by: 'Odd' };
const mm = (length: number): string => `${inMillimetres(length as never).toFixed(6)} mm`;

/**
 * The job as it is somewhere on its way: finished in groups, parts of a list besides, gates open, parts cut (some of them
 * wrong), sheets taken and half cut, tasks begun, left and done. The same for the same seed; what the job can't be read
 * with is left out of it.
 */
export function worked(document: object, seed: number): object {
  const chance = chanceFrom(seed);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(chance() * all.length)] as T;
  let now = document;
  const put = (...patches: readonly Patch[]): void => {
    const next = JSON.parse(JSON.stringify(patched(now, patches))) as object;
    if (readJobDocument(next).ok) now = next;
  };
  const { job } = read(now);
  put({ path: 'finish', value: finishes(now, chance, pick) });
  if (chance() < 0.7) put({ path: 'cutting.extra', value: extras(job, pick) });
  if (chance() < 0.5) put({ path: 'saw.over', value: '3 mm' });
  job.cases.forEach((owner, c) => {
    for (const gate of ['survey', 'glued', 'standing', 'level', 'hinges'])
      if (chance() < 0.4) put({ path: `cases[${c}].gates.${gate}`, value: DEED });
    owner.banks.forEach((_, b) => {
      for (const gate of ['slides', 'groove', 'glued', 'hung'])
        if (chance() < 0.4) put({ path: `cases[${c}].banks[${b}].gates.${gate}`, value: DEED });
    });
  });
  put(...takenIn(now, seed, pick));
  put({ path: 'cutting.cut', value: cutIn(now, chance, pick) });
  put({ path: 'cutting.released', value: releasedIn(now, chance) });
  return now;
}

function read(document: object) {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error('It can’t be read.');
  return { job: reading.job, planned: plan(reading.job) };
}

type Pick1 = <T>(all: readonly T[]) => T;

/** Three groups of what there is; the last lies over some of what the second does. */
function finishes(document: object, chance: () => number, pick: Pick1): readonly object[] {
  const { job, planned } = read(document);
  const roles = [...new Set(partsOf(job, planned).parts.map(({ use }) => writtenRole(use.role)))];
  const rows = [...FINISH_ROWS.map(({ id }) => id), 'made up'];
  return (['before', 'after', 'after'] as const).map((when) => ({
    ...{ parts: roles.filter(() => chance() < 0.4), row: pick(rows), faces: pick(['show', 'both']), when },
  }));
}

function extras({ materials }: Job, pick: Pick1): readonly object[] {
  return [0, 1].map((at) => ({
    ...{ id: `x${at}`, name: pick(['Cleat', 'Template']), material: pick(materials).id, count: 1 + at },
    ...{ length: '410 mm', width: '95 mm', ...pick([{}, { mayTurn: true }]) },
  }));
}

/** A sheet of every second material as it is laid out, with some of its steps done. */
function takenIn(document: object, seed: number, pick: Pick1): readonly Patch[] {
  const { job, planned } = read(document);
  const { kerf, trim } = rulesOf(sawOf(job));
  const layouts = sheetParts(job, planned, 'all').flatMap(({ material, task }, at) => {
    const [sheet] = layOut(task, seed).next().value?.layout.sheets ?? [];
    if (!sheet || at % 2 === 1) return [];
    const steps = stepsOf(sheet, task.rules).length;
    const state = pick([
      {},
      { begun: DEED },
      { begun: DEED, done: Math.floor(steps / 2) },
      { begun: DEED, done: steps },
    ]);
    return [
      {
        ...{ material: material.id, kerf: mm(kerf), trim: mm(trim), seed, tries: 1, ...DEED },
        sheets: [
          {
            ...{ id: `t${at}`, stock: sheet.stock, length: mm(sheet.length), width: mm(sheet.width) },
            ...{ panel: written(sheet.panel), ...state },
          },
        ],
      },
    ];
  });
  return layouts.length === 0 ? [] : [{ path: 'cutting.layouts', value: layouts }];
}

function written(panel: SawnPanel): object {
  if (panel.kind !== 'cuts') return panel;
  return { ...panel, children: panel.children.map(({ size, panel: of }) => ({ size: mm(size), panel: written(of) })) };
}

function cutIn(document: object, chance: () => number, pick: Pick1): readonly object[] {
  const { job, planned } = read(document);
  return partsOf(job, planned).parts.flatMap(({ name, length, width }) => {
    if (chance() > 0.3) return [];
    const [along, across] = [pick([0, 0, 1, -1, 4]), pick([0, 0, 0, -2])].map((each) => each * 1e6) as [number, number];
    const wrong = chance() < 0.1 ? { wrong: 'torn out' } : {};
    return [{ part: name, length: mm(length.total + along), width: mm(width.total + across), ...DEED, ...wrong }];
  });
}

function releasedIn(document: object, chance: () => number): readonly object[] {
  const { job, planned } = read(document);
  return partsOf(job, planned).parts.flatMap(({ name, release }) =>
    release === 'now' || chance() > 0.1 ? [] : [{ part: name, reason: 'while the saw is set', ...DEED }],
  );
}
