import { inches, millimetres, nm } from '../length';
import { partsOf } from './parts';
import { sawCuts } from './saw-cuts';
import { demo } from '../plan/plan.spec-data';
import { patched } from '../reading';
import { plan, readJobDocument } from '../plan';

describe('grooves and rabbets by the blade', () => {
  const BANK = 'cases[0].banks[0]';
  const cutsOf = (kerf = inches(1, 8), ...patches: Parameters<typeof patched>[1][number][]) => {
    const reading = readJobDocument(patched(demo('notions-bank'), patches));
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    return sawCuts(partsOf(reading.job, plan(reading.job)).parts, kerf);
  };

  it('first fence at the offset, the last by what is left of the width, as many passes as the blade needs', () => {
    // A groove for 5.5 mm plywood, 1/2 in up, by a blade of 1/8 in: two passes. Common practice.
    const groove = cutsOf().find(({ kind }) => kind === 'groove')!;
    expect(groove).toMatchObject({
      width: millimetres(5.5),
      first: inches(1, 2),
      last: nm(inches(1, 2) + millimetres(5.5) - inches(1, 8)),
      passes: 2,
      centred: false,
      tooNarrow: false,
    });
    expect(cutsOf(millimetres(5.5)).find(({ kind }) => kind === 'groove')).toMatchObject({
      first: inches(1, 2),
      last: inches(1, 2),
      passes: 1,
    });
    expect(cutsOf(millimetres(6)).find(({ kind }) => kind === 'groove')!.tooNarrow).toBe(true);
  });

  it('parts alike to the hair are made at one setting, others are not', () => {
    const grooves = (...patches: Parameters<typeof patched>[1][number][]) =>
      cutsOf(inches(1, 8), ...patches).filter(({ kind }) => kind === 'groove');
    const [all, ...others] = grooves();
    expect(others).toEqual([]);
    // Six boxes, two sides and a box front each.
    expect(all!.parts).toHaveLength(18);
    const apart = grooves({ path: `${BANK}.drawers[0].box.groove`, value: { depth: '7/32 in', offset: '5/8 in' } });
    expect(apart.map(({ parts }) => parts.length)).toEqual([3, 15]);
  });

  it('in the middle of an edge is cut, turned round and cut again at one setting', () => {
    // A muntin of 11.8 mm, grooved 5.5 mm wide on both edges: (11.8 − 5.5)/2 = 3.15 mm. Common practice.
    const muntin = { path: `${BANK}.box.muntin`, value: { material: 'ply12', width: '2 in' } };
    const groove = (kerf: number) =>
      cutsOf(millimetres(kerf), muntin).find(({ parts }) => parts[0]!.use.role === 'muntin')!;
    const at = { first: millimetres(3.15), width: millimetres(5.5) };
    expect(groove(3)).toMatchObject({ ...at, last: millimetres(3.15), passes: 2, centred: true });
    expect(groove(2)).toMatchObject({ ...at, last: millimetres(3.9), passes: 4, centred: true });
    expect(groove(5.5)).toMatchObject({ ...at, last: millimetres(3.15), passes: 1, centred: false });
  });

  it('leaves out what no fence sets: notches, bores, tails', () => {
    const kinds = cutsOf(inches(1, 8), { path: `${BANK}.slide.family`, value: 'undermount-16' }).map(
      ({ kind }) => kind,
    );
    expect(kinds).not.toContain('notch');
    expect(kinds).not.toContain('bore');
  });
});
