import fc from 'fast-check';
import { better, schedule } from './better';
import { boundOf } from './bound';
import { seeded } from './chance';
import { broken, shopOf, shopSeed } from './keeps.spec-data';
import { modelOf } from './model';
import type { Problem } from './problem';

const last = (problem: Problem, tries: number) => {
  const search = better(problem, tries);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
};

describe('an order of work', () => {
  it('breaks no constraint, is never before its bound, and is no worse when it is bettered', () => {
    fc.assert(
      fc.property(shopSeed, fc.integer({ min: 1, max: 3 }), fc.integer({ min: 3, max: 24 }), (seed, jobs, tasks) => {
        const problem = shopOf(seeded(seed), { jobs, tasks, grain: 5 });
        const [first, then] = [schedule(problem), last(problem, 60)];
        expect(broken(problem, first)).toEqual([]);
        expect(broken(problem, then)).toEqual([]);
        const least = boundOf(modelOf(problem));
        expect(Math.min(first.end, then.end)).toBeGreaterThanOrEqual(least.end);
        expect(Math.min(first.late, then.late)).toBeGreaterThanOrEqual(least.late);
        expect(then.missed).toBeLessThanOrEqual(first.missed);
        if (then.missed === first.missed) expect(then.late).toBeLessThanOrEqual(first.late);
        expect(first.placed.length + first.without.length).toBe(tasks);
      }),
      { numRuns: 150 },
    );
  });

  it('is the same for the same', () => {
    fc.assert(
      fc.property(shopSeed, (seed) => {
        const problem = shopOf(seeded(seed), { jobs: 2, tasks: 14, grain: 10 });
        expect(last(problem, 50)).toEqual(last(JSON.parse(JSON.stringify(problem)) as Problem, 50));
      }),
      { numRuns: 20 },
    );
  });
});
