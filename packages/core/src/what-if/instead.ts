import type { JobDocument } from '../job';
import type { Plan } from '../plan';
import { everyDoor } from '../pullouts';
import type { Patch } from '../reading';
import { slidePatches } from './slide-patches';

/** What can be had no more, and what is used in its place: a material, slides, hinges, or what it is finished with. */
export interface Instead {
  readonly kind: 'material' | 'slide' | 'hinge' | 'finish';
  readonly from: string;
  readonly to: string;
}

/** What a job uses and something else could be used for, by kind and id; in the order of the job. */
export function replaceable(document: JobDocument, plan: Plan): readonly Pick<Instead, 'kind' | 'from'>[] {
  const ids = (kind: Instead['kind'], all: readonly string[]): readonly Pick<Instead, 'kind' | 'from'>[] =>
    [...new Set(all)].map((from) => ({ kind, from }));
  const used = document.materials.filter(({ id }) => materialPatches(document, id, id).length > 0);
  return [
    ...ids(
      'material',
      used.map(({ id }) => id),
    ),
    ...ids(
      'slide',
      plan.cases.flatMap(({ banks }) => banks.flatMap(({ drawers }) => drawers.map(({ family }) => family.id))),
    ),
    ...ids(
      'hinge',
      plan.cases.flatMap(({ doors, things }) => everyDoor(doors, things).map(({ hinge }) => hinge.id)),
    ),
    ...ids(
      'finish',
      (document.finish ?? []).map(({ row }) => row),
    ),
  ];
}

/**
 * Everything of the job file that changes when something is used instead, everywhere: with slides and hinges what was chosen
 * or tried for the old ones goes, and the gates that say they are in hand are shut. Pure; bound by the file.
 */
export function insteadPatches(document: JobDocument, plan: Plan, { kind, from, to }: Instead): readonly Patch[] {
  if (from === to) return [];
  switch (kind) {
    case 'material':
      return materialPatches(document, from, to);
    case 'slide':
      return banksOf(document).flatMap(({ bank, path }) => slidesOf(bank, path, from, to));
    case 'hinge':
      return hingePatches(document, plan, from, to);
    case 'finish':
      return (document.finish ?? []).flatMap(({ row }, at) =>
        row === from ? [{ path: `finish[${at}].row`, value: to }] : [],
      );
  }
}

type Bank = JobDocument['cases'][number]['banks'][number];

const banksOf = ({ cases }: JobDocument): readonly { readonly bank: Bank; readonly path: string }[] =>
  cases.flatMap(({ banks }, c) => banks.map((bank, b) => ({ bank, path: `cases[${c}].banks[${b}]` })));

function slidesOf(bank: Bank, path: string, from: string, to: string): readonly Patch[] {
  const drawers = bank.drawers.flatMap(({ slide }, d) =>
    slide?.family === from ? slidePatches(`${path}.drawers[${d}]`, to) : [],
  );
  const changed = [...(bank.slide.family === from ? slidePatches(path, to) : []), ...drawers];
  return changed.length > 0 && bank.gates?.slides
    ? [...changed, { path: `${path}.gates.slides`, value: undefined }]
    : changed;
}

/** Doors whose hinges are these, told or by their kind. */
function hingePatches({ cases }: JobDocument, plan: Plan, from: string, to: string): readonly Patch[] {
  return cases.flatMap((owner, c): readonly Patch[] => {
    const path = `cases[${c}]`;
    const planned = plan.cases.find(({ id }) => id === owner.id);
    const hinged = new Set(
      (planned ? everyDoor(planned.doors, planned.things) : []).flatMap(({ door, hinge }) =>
        hinge.id === from ? [door.id] : [],
      ),
    );
    const changed = [
      ...(owner.doors ?? []).flatMap((door, d) =>
        hinged.has(door.id) ? onHinges(`${path}.doors[${d}]`, to, door.trial) : [],
      ),
      ...(owner.tiltOuts ?? []).flatMap(({ id, door }, t) =>
        hinged.has(id) ? onHinges(`${path}.tiltOuts[${t}].door`, to, door?.trial) : [],
      ),
    ];
    return changed.length > 0 && owner.gates?.hinges
      ? [...changed, { path: `${path}.gates.hinges`, value: undefined }]
      : changed;
  });
}

/** What a trial of the old hinge gave is not of the new one. */
const onHinges = (path: string, to: string, trial: unknown): readonly Patch[] => [
  { path: `${path}.hinge.family`, value: to },
  ...(trial === undefined ? [] : [{ path: `${path}.trial`, value: undefined }]),
];

/** Fields that name a material, wherever they stand; those of a box by the box. */
const NAMED: readonly string[] = ['material', 'panel'];
const OF_BOX: readonly string[] = ['sides', 'ends', 'back', 'bottom'];

/** Layouts that were taken stay as they were sawn. */
function materialPatches({ cases, cutting }: JobDocument, from: string, to: string): readonly Patch[] {
  const within = (value: unknown, path: string, name: string, parent: string): readonly Patch[] => {
    if (typeof value === 'string') {
      const isMaterial = NAMED.includes(name) || (OF_BOX.includes(name) && parent === 'box') || parent === 'from';
      return isMaterial && value === from ? [{ path, value: to }] : [];
    }
    if (Array.isArray(value)) return value.flatMap((each, at) => within(each, `${path}[${at}]`, '', name));
    if (typeof value !== 'object' || value === null) return [];
    return Object.entries(value).flatMap(([field, each]) => within(each, `${path}.${field}`, field, name || parent));
  };
  return [...within(cases, 'cases', '', ''), ...within(cutting?.extra, 'cutting.extra', '', '')];
}
