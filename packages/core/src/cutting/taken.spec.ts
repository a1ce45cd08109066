import type { Job } from '../job';
import type { Patch } from '../reading';
import { BANK } from '../job/sample.spec-data';
import { movesOf, stepsOf } from '../sheets';
import { AT, worked } from './cutting.spec-data';
import { partsOf } from './parts';
import { layout, taken, write } from './taken.spec-data';
import { readLayouts } from './read-layouts';
import { rulesOf, sawOf } from './saw';
import { sheetParts } from './sheet-parts';
import { holds, laidAlready, takenSheets } from './taken';

const here = (...patches: Patch[]) => {
  const { job, planned } = worked(taken, ...patches);
  const { parts } = partsOf(job, planned);
  return { job, planned, parts, sheets: takenSheets(job, parts) };
};
const left = ({ job, planned }: { job: Job; planned: ReturnType<typeof worked>['planned'] }) =>
  sheetParts(job, planned, 'now').find(({ material }) => material.id === 'ply12');
const cutPart = (part: string, more: object = {}) => {
  const size = partsOf(here().job, here().planned).parts.find(({ name }) => name === part)!;
  return { part, length: write(size.length.total), width: write(size.width.total), at: AT, ...more };
};

describe('a layout that was taken', () => {
  it('is there as it was laid out, whatever is looked for, and nothing of it is laid out again', () => {
    const found = here();
    expect(layout.sheets.length).toBeGreaterThan(1);
    expect(found.sheets.map(({ sheet: one }) => one)).toEqual(layout.sheets);
    expect(found.sheets.every((one) => !one.begun && !one.finished && one.amiss.length === 0)).toBe(true);
    expect(left(found)).toBeUndefined();
    expect(laidAlready(found.sheets, found.parts).size).toBe(
      found.parts.filter(({ material }) => material.id === 'ply12').length,
    );
  });

  it('keeps a sheet in mid-cut when its first part is marked as cut', () => {
    const first = stepsOf(layout.sheets[0]!, rulesOf(sawOf(here().job))).flatMap(({ parts }) => parts)[0]!;
    const found = here({ path: 'cutting.cut', value: [cutPart(first)] });
    expect(found.sheets.map(({ begun }) => begun)).toEqual(layout.sheets.map((_, at) => at === 0));
    expect(found.sheets.map(({ sheet: one }) => one)).toEqual(layout.sheets);
    expect(left(found)).toBeUndefined();
  });

  it('a part that came out wrong is laid out anew, the rest of its sheet stays', () => {
    const first = stepsOf(layout.sheets[0]!, rulesOf(sawOf(here().job))).flatMap(({ parts }) => parts)[0]!;
    const found = here({ path: 'cutting.cut', value: [cutPart(first, { wrong: 'it slipped' })] });
    expect(left(found)!.parts.map(({ name }) => name)).toEqual([first]);
    expect(found.sheets[0]).toMatchObject({ begun: true });
  });

  it('an untouched sheet the plan no longer holds is left out; one that was begun stays with what still fits', () => {
    // Deeper boxes: every side has another length.
    const shorter: Patch = { path: `${BANK}.slide.length`, value: '450 mm' };
    const changed = here(shorter);
    expect(changed.sheets.some((one) => !holds(one))).toBe(true);
    expect(left(changed)!.parts.length).toBeGreaterThan(0);
    const begun = here(shorter, { path: 'cutting.layouts[0].sheets[0].begun', value: { at: AT } });
    expect(holds(begun.sheets[0]!)).toBe(true);
    const amiss = new Set(begun.sheets[0]!.amiss);
    expect(amiss.size).toBeGreaterThan(0);
    for (const name of amiss) expect(left(begun)!.parts.map((part) => part.name)).toContain(name);
  });

  it('is cut with the blade it was laid out for, and printed so', () => {
    const thick = here({ path: 'saw', value: { kerf: '5 mm' } });
    expect(thick.sheets.every(({ amiss }) => amiss.length === 0)).toBe(true);
    const wanted = thick.sheets.map(({ material, sheet: one, blade }) => ({ material, sheet: one, blade }));
    expect(readLayouts(JSON.parse(JSON.stringify(wanted)), thick.job, thick.planned)).toMatchObject({ ok: true });
    const bare = wanted.map(({ material, sheet: one }) => ({ material, sheet: one }));
    expect(readLayouts(bare, thick.job, thick.planned).ok).toBe(false);
  });

  it('steps give every part just once, and a finished sheet is done', () => {
    const saw = rulesOf(sawOf(here().job));
    for (const [at, one] of layout.sheets.entries()) {
      const steps = stepsOf(one, saw);
      const names = steps.flatMap(({ parts }) => parts);
      const lying = here().sheets[at]!;
      expect(new Set(names).size).toBe(names.length);
      expect(lying.steps).toBe(steps.length);
      const done = here({ path: `cutting.layouts[0].sheets[${at}].done`, value: steps.length });
      expect(done.sheets[at]).toMatchObject({ finished: true, done: steps.length });
    }
    const all = layout.sheets.flatMap((one) => stepsOf(one, saw).flatMap(({ parts }) => parts));
    expect([...all].sort()).toEqual([...laidAlready(here().sheets, here().parts)].sort());
  });

  it('lies so that equal settings follow one another', () => {
    const saw = rulesOf(sawOf(here().job));
    const steps = layout.sheets.map((one) => stepsOf(one, saw));
    for (const cuts of steps) {
      const settings = new Set(
        cuts.flatMap(({ direction, setting, trims }) => (trims ? [] : [`${direction} ${setting}`])),
      );
      expect(movesOf(cuts)).toBeGreaterThanOrEqual(settings.size);
      expect(movesOf(cuts)).toBeLessThanOrEqual(settings.size + 2);
    }
  });

  it('can’t be read where panels lie too deep, or are no panels', () => {
    let panel: object = { kind: 'rest' };
    for (let depth = 0; depth < 60; depth += 1)
      panel = { kind: 'cuts', direction: 'rip', children: [{ size: '10 mm', panel }] };
    const at = 'cutting.layouts[0].sheets[0].panel';
    expect(() => worked(taken, { path: at, value: panel })).toThrow(/panels-too-deep/);
    expect(() => worked(taken, { path: at, value: { kind: 'hole' } })).toThrow(/one-of/);
  });
});
