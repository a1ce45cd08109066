import fc from 'fast-check';
import loadHighs from 'highs';
import { asProgramme, costOf } from '../../bench/division-milp';
import { tieGroups, type Drawer, type Scheme } from '../job';
import { inches, millimetres, nm, type Length } from '../length';
import { divide } from './divide';
import { idealHeights } from './ideal';
import type { Division, DivisionProblem } from './problem';

/** One value in so many; else none. */
const rarely = <T>(value: fc.Arbitrary<T>, times: number): fc.Arbitrary<T | null> =>
  fc.oneof({ weight: times - 1, arbitrary: fc.constant(null) }, { weight: 1, arbitrary: value });

const drawers = (tied: boolean) =>
  fc.array(
    fc.record({
      lock: rarely(fc.integer({ min: 30, max: 80 }), 6),
      tie: tied ? rarely(fc.nat({ max: 6 }), 4) : fc.constant(null),
      least: rarely(fc.integer({ min: 40, max: 160 }), 3),
      most: rarely(fc.integer({ min: 120, max: 260 }), 3),
      share: rarely(fc.integer({ min: 1, max: 3 }), 3),
    }),
    { minLength: 2, maxLength: 8 },
  );

interface Wishes {
  readonly bounds: boolean;
  readonly lines: boolean;
  readonly ties: boolean;
}

const anyProblem = ({ bounds, lines, ties }: Wishes) =>
  fc
    .record({
      scheme: fc.constantFrom<Scheme>('equal', 'step', 'ratio', ...(bounds ? ['contents' as const] : [])),
      total: fc.integer({ min: 400_000_000, max: 1_500_000_000 }),
      increment: fc.constantFrom(
        ...(lines && ties ? [] : [inches(1, 16), millimetres(1)]),
        ...[inches(1, 4), inches(1), millimetres(5), millimetres(25)],
      ),
      step: fc.integer({ min: 0, max: 15_000_000 }),
      ratio: fc.double({ min: 0.9, max: 1.3, noNaN: true }),
      makeup: fc.nat({ max: 7 }),
      line: fc.nat({ max: 6 }),
      more: rarely(fc.nat({ max: 6 }), 2),
      level: fc.integer({ min: 80, max: 120 }),
      drawers: drawers(ties),
    })
    .map(({ drawers: some, makeup, scheme, total, increment, step, ratio, line, more, level }): DivisionProblem => {
      // A drawer is tied to one above it, and only where that one is not locked, so that no two locks meet.
      const made = some.map(({ lock, tie }, i): Drawer => {
        const other = tie !== null && tie < i && some[tie]?.lock === null ? tie : undefined;
        if (other !== undefined) return { id: `d${i}`, sameAs: `d${other}` };
        return lock === null ? { id: `d${i}` } : { id: `d${i}`, height: millimetres(lock) };
      });
      const count = made.length;
      const at = (field: 'least' | 'most'): (Length | undefined)[] =>
        some.map((each, i) =>
          made[i]?.height !== undefined || each[field] === null ? undefined : millimetres(each[field]),
        );
      const places = [...new Set([line, more ?? line].map((each) => each % (count - 1)))].sort((a, b) => a - b);
      // Some on whole millimetres: where nothing but ties is free in a stretch, only those can be served.
      const carried = places.map((place) => {
        const below = Math.round((total * (count - 1 - place) * level) / (100 * count));
        return { place, below: nm(level % 2 === 0 ? below : Math.round(below / 25e6) * 25_000_000) };
      });
      const least = at('least');
      return {
        total: nm(level % 2 === 0 ? total : Math.round(total / 25e6) * 25_000_000),
        choice: { scheme, step: nm(step), ratio, needs: least, shares: some.map(({ share }) => share ?? undefined) },
        groups: tieGroups(made),
        increment,
        makeup: makeup % count,
        ...(bounds ? { least, most: at('most') } : {}),
        ...(lines ? { lines: carried } : {}),
      };
    });

type Made = Extract<Division, { ok: true }>;

/** Heights held, as the programme takes them. */
const heldIn = ({ heights, held }: Made) => heights.map((height, place) => (held[place] ? height : undefined));

describe('the exact division against a solver', () => {
  // Source: the mixed-integer solver HiGHS, from its registry package, on the same problem posed as a linear programme.
  it.each<[string, Wishes, number, number]>([
    ['locks and ties', { bounds: false, lines: false, ties: true }, 200, 130],
    ['leasts, mosts and contents', { bounds: true, lines: false, ties: true }, 200, 95],
    ['lines carried across', { bounds: false, lines: true, ties: false }, 260, 155],
    ['lines, leasts and mosts', { bounds: true, lines: true, ties: false }, 260, 90],
    ['ties across lines', { bounds: false, lines: true, ties: true }, 260, 95],
    ['ties across lines, leasts and mosts', { bounds: true, lines: true, ties: true }, 260, 40],
  ])(
    'costs what the solver’s optimum costs: %s',
    async (_, wishes, runs, least) => {
      const highs = await loadHighs();
      let solved = 0;
      fc.assert(
        fc.property(anyProblem(wishes), (problem) => {
          const division = divide(problem);
          if (!division.ok) return;
          const held = heldIn(division);
          const programme = asProgramme(problem, held);
          if (!programme) return;
          const { ObjectiveValue, Status } = highs.solve(programme, { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
          expect(Status).toBe('Optimal');
          const cost = costOf(problem, division.heights, held);
          expect(Math.abs(cost - ObjectiveValue)).toBeLessThan(1e-5 * (1 + ObjectiveValue));
          solved += 1;
        }),
        { numRuns: runs },
      );
      expect(solved).toBeGreaterThan(least);
    },
    180_000,
  );
});

it('counts a rest that comes to its most exactly as one that may be', async () => {
  const none = undefined;
  const problem: DivisionProblem = {
    ...{ total: millimetres(800), increment: inches(1), makeup: 4, lines: [{ place: 1, below: millimetres(525) }] },
    choice: { scheme: 'equal', step: nm(0), ratio: 0.9 },
    groups: [0, 1, 2, 3, 4, 5].map((place) => ({ members: [place] })),
    most: [millimetres(120), none, none, none, millimetres(144), millimetres(120)],
  };
  const division = divide(problem);
  if (!division.ok) throw new Error('not divided');
  // 525 − 127 − 152.4 − 101.6 = 144, which is no whole number of increments in doubles.
  expect(division.heights[4]).toBe(millimetres(144));
  const held = heldIn(division);
  const { ObjectiveValue } = (await loadHighs()).solve(asProgramme(problem, held) ?? '', { mip_rel_gap: 0 });
  expect(costOf(problem, division.heights, held)).toBeCloseTo(ObjectiveValue, 5);
});

describe('ties across a line at a fine increment', () => {
  /** What is free besides the tied ones in a stretch: all counts within three of the ideal, the last takes the rest. */
  function cheapest(rest: number, count: number, ideal: number, step: number): number {
    if (count === 0) return rest === 0 ? 0 : Infinity;
    const near = Math.round(rest / count / step);
    const makeups = (left: number, others: number): number => {
      if (others === 0) return (left - ideal) ** 2;
      let best = Infinity;
      for (let n = near - 3; n <= near + 3; n += 1)
        best = Math.min(best, (n * step - ideal) ** 2 + makeups(left - n * step, others - 1));
      return best;
    };
    return makeups(rest, count - 1);
  }

  it('is what trying every height of the tied ones comes to', () => {
    const any = fc.record({
      upper: fc.integer({ min: 200, max: 400 }),
      lower: fc.integer({ min: 200, max: 400 }),
      odd: fc.nat({ max: 1_999_999 }),
      own: fc.tuple(fc.nat({ max: 2 }), fc.nat({ max: 2 })),
      pairs: fc.integer({ min: 1, max: 2 }),
    });
    let found = 0;
    fc.assert(
      fc.property(any, ({ upper, lower, odd, own, pairs }) => {
        const step = 2_000_000;
        const totals = [upper, lower].map((each, at) => each * 1e6 + (own[at] === 0 ? 0 : odd) - ((each * 1e6) % step));
        const places = own.map((each) => each + pairs);
        const count = places[0]! + places[1]!;
        const groups = [
          ...Array.from({ length: pairs }, (_, at) => ({ members: [at, places[0]! + at] })),
          ...Array.from({ length: own[0] }, (_, at) => ({ members: [pairs + at] })),
          ...Array.from({ length: own[1] }, (_, at) => ({ members: [places[0]! + pairs + at] })),
        ];
        const division = divide({
          total: nm(totals[0]! + totals[1]!),
          choice: { scheme: 'equal' },
          groups,
          increment: nm(step),
          makeup: count - 1,
          lines: [{ place: places[0]! - 1, below: nm(totals[1]!) }],
        });
        if (!division.ok || division.held.some((held) => held !== undefined)) return;
        expect(division.proven).toBeUndefined();
        const ideals = totals.map((total, at) => total / places[at]!);
        const costOf = (heights: readonly number[]): number =>
          heights.reduce((sum, height, at) => sum + (height - ideals[at < places[0]! ? 0 : 1]!) ** 2, 0);
        let best = Infinity;
        const most = Math.floor(Math.min(...totals) / step);
        const attempt = (tied: readonly number[]): void => {
          if (tied.length < pairs) {
            for (let n = 1; n <= most; n += 1) attempt([...tied, n * step]);
            return;
          }
          const sum = tied.reduce((all, each) => all + each, 0);
          const cost = totals.reduce(
            (all, total, at) =>
              all +
              tied.reduce((own, each) => own + (each - ideals[at]!) ** 2, 0) +
              cheapest(total - sum, own[at]!, ideals[at]!, step),
            0,
          );
          best = Math.min(best, cost);
        };
        attempt([]);
        expect(Math.abs(costOf(division.heights) - best)).toBeLessThanOrEqual(1e-9 * best + 1e3);
        found += 1;
      }),
      { numRuns: 60 },
    );
    expect(found).toBeGreaterThan(20);
  });

  it('is found or given up within its bound, however many lines and ties there are', () => {
    const heavy = fc.record({
      drawers: fc.integer({ min: 12, max: 24 }),
      ties: fc.array(fc.tuple(fc.nat({ max: 23 }), fc.nat({ max: 23 })), { minLength: 4, maxLength: 9 }),
      lines: fc.uniqueArray(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 3 }),
      total: fc.integer({ min: 900, max: 2400 }),
    });
    let [proven, made] = [0, 0];
    fc.assert(
      fc.property(heavy, ({ drawers: count, ties, lines, total }) => {
        const drawers = Array.from({ length: count }, (_, at): Drawer => {
          const [, other] = ties.find(([one, two]) => one % count === at && two % count < at) ?? [];
          return other === undefined ? { id: `d${at}` } : { id: `d${at}`, sameAs: `d${other % count}` };
        });
        const division = divide({
          total: nm(total * 1e6),
          choice: { scheme: 'equal' },
          groups: tieGroups(drawers),
          increment: millimetres(1),
          makeup: count - 1,
          lines: lines
            .filter((place) => place < count - 1)
            .map((place) => ({ place, below: nm(Math.round((total * (count - 1 - place)) / count) * 1e6) })),
        });
        if (!division.ok) return;
        expect(division.heights.reduce((sum, each) => sum + each, 0)).toBe(total * 1e6);
        made += 1;
        if (division.proven !== false) proven += 1;
      }),
      { numRuns: 100 },
    );
    expect(made).toBeGreaterThan(60);
    expect(proven).toBeGreaterThan(made * 0.9);
  });
});

describe('leasts and mosts without an increment', () => {
  const anyBank = fc.record({
    scheme: fc.constantFrom<Scheme>('equal', 'step', 'ratio'),
    total: fc.integer({ min: 300_000_000, max: 1_500_000_000 }),
    step: fc.integer({ min: 0, max: 30_000_000 }),
    ratio: fc.double({ min: 1, max: 1.4, noNaN: true }),
    bounds: fc.array(fc.tuple(fc.integer({ min: 20, max: 150 }), fc.integer({ min: 100, max: 400 })), {
      minLength: 2,
      maxLength: 7,
    }),
  });

  /** Heights `a + i·s` or `a·rⁱ`, each held within its bounds, for the one `a` that fills the total: found by halving. */
  function filled(scheme: Scheme, total: number, step: number, ratio: number, bounds: readonly [number, number][]) {
    const at = (a: number) =>
      bounds.map(([least, most], i) => {
        const ideal = scheme === 'ratio' ? a * ratio ** i : a + i * (scheme === 'step' ? step : 0);
        return Math.min(most * 1e6, Math.max(least * 1e6, ideal));
      });
    let [low, high] = [-1e10, 1e10];
    for (let i = 0; i < 120; i += 1) {
      const middle = (low + high) / 2;
      if (at(middle).reduce((sum, each) => sum + each, 0) < total) low = middle;
      else high = middle;
    }
    return at(high);
  }

  it('fill the height as the scheme held within its bounds does', () => {
    let compared = 0;
    fc.assert(
      fc.property(anyBank, ({ scheme, total, step, ratio, bounds }) => {
        const pairs = bounds.map(([a, b]): [number, number] => [Math.min(a, b), Math.max(a, b)]);
        const count = pairs.length;
        const division = divide({
          total: nm(total),
          choice: { scheme, step: nm(step), ratio },
          groups: pairs.map((_, place) => ({ members: [place] })),
          makeup: count - 1,
          least: pairs.map(([least]) => millimetres(least)),
          most: pairs.map(([, most]) => millimetres(most)),
        });
        const sum = (which: 0 | 1) => pairs.reduce((all, pair) => all + pair[which] * 1e6, 0);
        expect(division.ok).toBe(sum(0) <= total && total <= sum(1));
        if (!division.ok) return;
        filled(scheme, total, step, ratio, pairs).forEach((height, place) =>
          expect(Math.abs((division.heights[place] ?? 0) - height)).toBeLessThanOrEqual(count + 1),
        );
        compared += 1;
      }),
      { numRuns: 500 },
    );
    expect(compared).toBeGreaterThan(200);
  });

  it('contents: what each needs, and its part of the rest', () => {
    const choice = { scheme: 'contents' as const, needs: [millimetres(50), undefined], shares: [0.5, 1.5] };
    const { numerators, denominator } = idealHeights(choice, millimetres(250), [0, 1]);
    expect(numerators.map((each) => Number(each) / Number(denominator))).toEqual([100e6, 150e6]);
    const none = idealHeights({ ...choice, shares: [0, 0] }, millimetres(250), [0, 1]);
    expect(none.numerators.map((each) => Number(each) / Number(none.denominator))).toEqual([150e6, 100e6]);
  });
});
