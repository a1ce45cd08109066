import fc from 'fast-check';
import loadHighs from 'highs';
import { asProgramme, costOf } from '../../bench/division-milp';
import { tieGroups, type Drawer, type Scheme } from '../job';
import { inches, millimetres, nm } from '../length';
import { divide } from './divide';
import type { DivisionProblem } from './problem';

const anyProblem = fc
  .record({
    scheme: fc.constantFrom<Scheme>('equal', 'step', 'ratio'),
    total: fc.integer({ min: 400_000_000, max: 1_500_000_000 }),
    increment: fc.constantFrom(inches(1, 16), inches(1, 4), inches(1), millimetres(1), millimetres(5), millimetres(25)),
    step: fc.integer({ min: 0, max: 15_000_000 }),
    ratio: fc.double({ min: 0.9, max: 1.3, noNaN: true }),
    makeup: fc.nat({ max: 7 }),
    drawers: fc.array(
      fc.record({
        lock: fc.option(fc.integer({ min: 30, max: 80 }), { freq: 6 }),
        tie: fc.option(fc.nat({ max: 6 }), { freq: 4 }),
      }),
      { minLength: 2, maxLength: 8 },
    ),
  })
  .map(({ drawers, makeup, scheme, total, increment, step, ratio }): DivisionProblem => {
    // A drawer is tied to one above it, and only where that one is not locked, so that no two locks meet.
    const made = drawers.map(({ lock, tie }, i): Drawer => {
      const other = tie !== null && tie < i && drawers[tie]?.lock === null ? tie : undefined;
      if (other !== undefined) return { id: `d${i}`, sameAs: `d${other}` };
      return lock === null ? { id: `d${i}` } : { id: `d${i}`, height: millimetres(lock) };
    });
    return {
      total: nm(total),
      choice: { scheme, step: nm(step), ratio },
      groups: tieGroups(made),
      increment,
      makeup: makeup % made.length,
    };
  });

describe('the exact division against a solver', () => {
  // Source: the mixed-integer solver HiGHS, from its registry package, on the same problem posed as a linear programme.
  it('costs what the solver’s optimum costs, on hundreds of random cases with locks and ties', async () => {
    const highs = await loadHighs();
    let solved = 0;
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const division = divide(problem);
        const programme = asProgramme(problem);
        if (!division.ok || !programme) return;
        const { ObjectiveValue, Status } = highs.solve(programme, { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
        expect(Status).toBe('Optimal');
        expect(Math.abs(costOf(problem, division.heights) - ObjectiveValue)).toBeLessThan(1e-5 * (1 + ObjectiveValue));
        solved += 1;
      }),
      { numRuns: 800 },
    );
    expect(solved).toBeGreaterThan(300);
  }, 120_000);
});
