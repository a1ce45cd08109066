import { millimetres as mm } from '../length';
import { lyingIn, movesOf, stepsOf } from './steps';
import type { SawnPanel, SheetLayout } from './types';

const part = (piece: string): SawnPanel => ({ kind: 'part', piece, turned: false });
const rest: SawnPanel = { kind: 'rest' };

/** 1000 × 600 with 5 trimmed and a blade of 3: two strips of 200 along it, of the first two pieces of 300. */
const sheet: SheetLayout = {
  ...{ stock: 'ply', length: mm(1000), width: mm(600) },
  panel: {
    ...{ kind: 'cuts', direction: 'rip' },
    children: [
      {
        size: mm(200),
        panel: {
          ...{ kind: 'cuts', direction: 'cross' },
          children: [
            { size: mm(300), panel: part('a') },
            { size: mm(300), panel: part('b') },
            { size: mm(384), panel: rest },
          ],
        },
      },
      { size: mm(200), panel: part('c') },
      { size: mm(184), panel: rest },
    ],
  },
};
const blade = { kerf: mm(3), trim: mm(5) };

describe('the cuts of a sheet in their order', () => {
  it('begin with its edges trimmed, twice each way, where they are', () => {
    const [rip, cross, ...others] = stepsOf(sheet, blade);
    const inner = { x: mm(5), y: mm(5), long: mm(990), wide: mm(590) };
    const whole = { x: mm(0), y: mm(0), long: mm(1000), wide: mm(600) };
    const trim = { setting: mm(5), times: 2, panel: whole, pieces: [inner], parts: [], trims: true };
    expect(rip).toEqual({ ...trim, direction: 'rip' });
    expect(cross).toEqual({ ...trim, direction: 'cross' });
    expect(others.some(({ trims }) => trims)).toBe(false);
    const untrimmed = stepsOf(sheet, { ...blade, trim: mm(0) });
    expect(untrimmed.some(({ trims }) => trims)).toBe(false);
    expect(untrimmed[0]?.panel).toEqual(whole);
  });

  it('cut alike at one setting, side by side, before the saw is set anew', () => {
    const steps = stepsOf(sheet, blade).filter(({ trims }) => !trims);
    expect(steps.map(({ direction, setting, times }) => [direction, setting, times])).toEqual([
      ['rip', mm(200), 2],
      ['cross', mm(300), 2],
    ]);
    expect(steps.map(({ parts }) => parts)).toEqual([['c'], ['a', 'b']]);
    expect(steps[0]?.pieces.map(({ y, wide }) => [y, wide])).toEqual([
      [mm(5), mm(200)],
      [mm(208), mm(200)],
    ]);
    expect(movesOf(stepsOf(sheet, blade))).toBe(2);
    expect(movesOf([])).toBe(0);
  });

  it('leave every part and off-cut where it lies, a blade between each two', () => {
    expect(lyingIn(sheet, blade).map(({ piece, x, y, long, wide }) => [piece, x, y, long, wide])).toEqual([
      ['a', mm(5), mm(5), mm(300), mm(200)],
      ['b', mm(308), mm(5), mm(300), mm(200)],
      [undefined, mm(611), mm(5), mm(384), mm(200)],
      ['c', mm(5), mm(208), mm(990), mm(200)],
      [undefined, mm(5), mm(411), mm(990), mm(184)],
    ]);
  });
});
