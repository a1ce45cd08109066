import fc from 'fast-check';
import { BANK, sample } from '../job/sample.spec-data';
import { demo } from '../plan/plan.spec-data';
import { costDifference, costSums } from './difference';
import { costs, counted, priced } from './costing.spec-data';

const prices = priced([
  ['hour', 47.35],
  ['overhead', 17.5, { unit: '%' }],
  ['glue', 8.9],
  ['slide:undermount-16:500', 31.2],
]);
const changes = {
  slide: fc.constantFrom('side-ball-bearing', 'undermount-16', 'wood-runner'),
  drawers: fc.constantFrom(1, 2, 3),
  finish: fc.constantFrom('clear', 'oil', 'enamel'),
};

it('of two ways to make a job is the difference of their prices, line by line', () => {
  const of = (family: string, drawers: number, row: string) =>
    costs(
      counted(
        sample,
        { path: `${BANK}.slide.family`, value: family },
        { path: `${BANK}.drawers`, value: sample.cases[0]!.banks[0]!.drawers.slice(0, drawers) },
        { path: 'finish', value: [{ parts: ['face'], row, faces: 'both', when: 'before' }] },
      ),
      prices,
    );
  fc.assert(
    fc.property(fc.record(changes), fc.record(changes), (one, other) => {
      const [from, to] = [one, other].map(({ slide, drawers, finish }) => of(slide, drawers, finish));
      const { lines, cost, total } = costDifference(from!, to!);
      expect(lines.reduce((sum, { was, now }) => sum + now - was, 0)).toBe(cost);
      expect(cost).toBe(to!.totals.cost.total - from!.totals.cost.total);
      expect(total).toBe(to!.totals.total - from!.totals.total);
      expect(lines.every(({ was, now }) => was !== now)).toBe(true);
    }),
    { numRuns: 20 },
  );
});

it('adds up where one person does what takes one and what takes two', () => {
  const [alone, both] = [1, 2].map((people) =>
    costs(counted(demo('splicing-bench'), { path: 'pricing', value: { people } }), prices),
  );
  expect(alone!.work.filter(({ id }) => id === 'break-down')).toHaveLength(2);
  const { lines, cost } = costDifference(both!, alone!);
  expect(lines.reduce((sum, { was, now }) => sum + now - was, 0)).toBe(cost);
  expect(costSums(alone!).reduce((sum, { cents }) => sum + cents, 0)).toBe(alone!.totals.cost.total);
});
