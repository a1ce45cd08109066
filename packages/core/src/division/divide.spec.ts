import fc from 'fast-check';
import { tieGroups, type Drawer, type Scheme } from '../job';
import { inches, millimetres, nm, type Length } from '../length';
import { divide } from './divide';
import { makeupPlace, type Division, type DivisionProblem } from './problem';
import { idealHeights } from './ideal';

const free = (count: number): Drawer[] => Array.from({ length: count }, (_, i) => ({ id: `d${i + 1}` }));
const mm = millimetres;

function problem(
  total: Length,
  choice: DivisionProblem['choice'],
  drawers: readonly Drawer[],
  more: Partial<DivisionProblem> = {},
): DivisionProblem {
  return { total, choice, groups: tieGroups(drawers), makeup: drawers.length - 1, ...more };
}
function heights(division: Division): number[] {
  if (!division.ok) throw new Error(`${division.fails} by ${division.by}`);
  return division.heights.map((height) => height / 1e6);
}

describe('schemes', () => {
  it('equal, the rest to the makeup', () => {
    // Common practice: remainder to the bottom drawer.
    const seven = divide(problem(mm(708), { scheme: 'equal' }, free(4), { increment: mm(1) }));
    expect(heights(seven)).toEqual([177, 177, 177, 177]);
    const odd = divide(problem(mm(710), { scheme: 'equal' }, free(4), { increment: mm(5) }));
    expect(heights(odd)).toEqual([175, 175, 180, 180]);
  });

  it('ratio: six drawers, each 1.15 times the one above it', () => {
    // Common practice: the first is 886 × 0.15 / (1.15⁶ − 1) = 101.2; to the millimetre, the bottom one takes the rest.
    const division = divide(problem(mm(886), { scheme: 'ratio', ratio: 1.15 }, free(6), { increment: mm(1) }));
    expect(heights(division)).toEqual([101, 116, 134, 154, 177, 204]);
  });

  it('step: five drawers, each three quarters of an inch higher than the one above it', () => {
    // Common practice: (31 − 10 × 3/4) / 5 = 4.7 in the first; to the sixteenth, the bottom one takes the rest.
    const division = divide(
      problem(inches(31), { scheme: 'step', step: inches(3, 4) }, free(5), { increment: inches(1, 16) }),
    );
    const sixteenths = [75, 87, 99, 111, 124];
    expect(division).toMatchObject({ heights: sixteenths.map((each) => inches(each, 16)) });
  });

  it('a top lock, the rest equal', () => {
    const [, ...rest] = free(4);
    const division = divide(
      problem(mm(708), { scheme: 'equal' }, [{ id: 'd1', height: mm(141) }, ...rest], { increment: mm(1) }),
    );
    expect(heights(division)).toEqual([141, 189, 189, 189]);
  });

  it('follows the preferred numbers: ISO 3, R10, ratio 10^(1/10), within their rounding of 1.3 %', () => {
    const R10 = [100, 125, 160, 200, 250, 315];
    const total = mm(R10.reduce((sum, each) => sum + each, 0));
    const { numerators, denominator } = idealHeights({ scheme: 'ratio', ratio: 10 ** 0.1 }, total, [0, 1, 2, 3, 4, 5]);
    numerators.forEach((each, index) => {
      const height = Number(each) / Number(denominator) / 1e6;
      expect(Math.abs(height / (R10[index] ?? 0) - 1)).toBeLessThan(0.013);
    });
  });

  it('follows the Fibonacci numbers (OEIS A000045) by the golden ratio, nearer the further on', () => {
    const fibonacci = [34, 55, 89, 144, 233];
    const total = mm(fibonacci.reduce((sum, each) => sum + each, 0));
    const { numerators, denominator } = idealHeights(
      { scheme: 'ratio', ratio: (1 + Math.sqrt(5)) / 2 },
      total,
      [0, 1, 2, 3, 4],
    );
    numerators.forEach((each, index) =>
      expect(Math.abs(Number(each) / Number(denominator) / 1e6 / (fibonacci[index] ?? 0) - 1)).toBeLessThan(1e-3),
    );
  });

  it('ideals add up exactly', () => {
    const { numerators, denominator } = idealHeights({ scheme: 'ratio', ratio: 1.2345 }, nm(123_456_789), [0, 2, 3]);
    expect(numerators.reduce((sum, each) => sum + each, 0n)).toBe(123_456_789n * denominator);
  });
});

describe('makeup', () => {
  it('is the bottom one, the top one or one named', () => {
    const ids = ['a', 'b', 'c'];
    expect([undefined, 'bottom', 'top', { drawer: 'b' }].map((each) => makeupPlace(each as never, ids))).toEqual([
      2, 2, 0, 1,
    ]);
  });

  it('moves to the nearest free drawer when it is locked', () => {
    const drawers: Drawer[] = [...free(3), { id: 'd4', height: mm(200) }];
    const division = divide(problem(mm(700.3), { scheme: 'equal' }, drawers, { increment: mm(1) }));
    expect(division).toMatchObject({ ok: true, makeups: [2], held: [undefined, undefined, undefined, 'locked'] });
    expect(heights(division)).toEqual([167, 167, 166.3, 200]);
  });
});

describe('what can’t be divided', () => {
  it('says by how much', () => {
    const locked = (...sizes: number[]): Drawer[] => sizes.map((size, i) => ({ id: `d${i}`, height: mm(size) }));
    expect(divide(problem(mm(500), { scheme: 'equal' }, locked(300, 300)))).toEqual({
      ok: false,
      fails: 'over',
      by: mm(100),
      place: 0,
    });
    expect(divide(problem(mm(700), { scheme: 'equal' }, locked(300, 300)))).toEqual({
      ok: false,
      fails: 'under',
      by: mm(100),
      place: 0,
    });
    expect(divide(problem(mm(600), { scheme: 'equal' }, locked(300, 300))).ok).toBe(true);
    expect(divide(problem(mm(600), { scheme: 'manual' }, free(3)))).toMatchObject({ ok: false, fails: 'open', by: 3 });
    expect(divide(problem(mm(300), { scheme: 'step', step: mm(200) }, free(3), { increment: mm(1) }))).toMatchObject({
      ok: false,
      fails: 'nothing-left',
      place: 0,
      by: mm(100),
    });
  });
});

describe('least heights', () => {
  it('hold a short drawer up to the increment and share the rest again', () => {
    const needs = [undefined, undefined, mm(150.2), undefined];
    const division = divide(problem(mm(500), { scheme: 'equal' }, free(4), { increment: mm(5), needs }));
    expect(heights(division)).toEqual([115, 115, 155, 115]);
    expect(division).toMatchObject({ held: [undefined, undefined, 'contents', undefined] });
  });
});

describe('a least and a most', () => {
  const between = (least: number | undefined, most: number | undefined, increment: number) =>
    divide(
      problem(mm(610), { scheme: 'equal' }, free(3), {
        increment: mm(increment),
        least: [least === undefined ? undefined : mm(least), undefined, undefined],
        most: [most === undefined ? undefined : mm(most), undefined, undefined],
      }),
    );

  it('with no whole increment between them are kept themselves', () => {
    expect(heights(between(122, 124, 10))[0]).toBe(124);
    expect(heights(between(205.5, 209, 10))[0]).toBe(205.5);
    expect(heights(between(undefined, 4, 10))[0]).toBe(4);
    expect(heights(between(206, 211, 10))[0]).toBe(210);
  });

  it('of drawers that lines leave no choice are told, not passed', () => {
    const tied: Drawer[] = [{ id: 'd1' }, { id: 'd2' }, { id: 'd3', sameAs: 'd2' }, { id: 'd4' }];
    const at = (most: number) =>
      divide(
        problem(mm(800), { scheme: 'equal' }, tied, {
          increment: mm(15),
          most: [undefined, mm(most), undefined, undefined],
          lines: [
            { place: 1, below: mm(400) },
            { place: 2, below: mm(224) },
          ],
        }),
      );
    expect(at(130)).toMatchObject({ ok: false, fails: 'bounds', by: mm(46) });
    expect(heights(at(176))).toEqual([224, 176, 176, 224]);
  });

  it('are never passed by any division that is made', () => {
    const seldom = <T>(value: fc.Arbitrary<T>) =>
      fc.oneof({ weight: 4, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: value });
    const bound = seldom(fc.integer({ min: 60, max: 300 }));
    const any = fc.record({
      drawers: fc.array(
        fc.record({ least: bound, most: bound, tie: fc.option(fc.nat({ max: 5 }), { nil: undefined }) }),
        {
          minLength: 2,
          maxLength: 7,
        },
      ),
      increment: fc.constantFrom(1, 5, 10, 15, 25.4),
      total: fc.integer({ min: 500, max: 1500 }),
      line: fc.option(fc.tuple(fc.nat({ max: 5 }), fc.integer({ min: 80, max: 120 })), { nil: undefined }),
    });
    let made = 0;
    fc.assert(
      fc.property(any, ({ drawers, increment, total, line }) => {
        const count = drawers.length;
        const tied = drawers.map(({ tie }, at): Drawer =>
          tie !== undefined && tie < at ? { id: `d${at}`, sameAs: `d${tie}` } : { id: `d${at}` },
        );
        const place = (line?.[0] ?? 0) % (count - 1);
        const below = Math.round((total * (count - 1 - place) * (line?.[1] ?? 100)) / (100 * count));
        const length = (value: number | undefined) => (value === undefined ? undefined : mm(value));
        const division = divide(
          problem(mm(total), { scheme: 'equal' }, tied, {
            increment: mm(increment),
            least: drawers.map(({ least }) => length(least)),
            most: drawers.map(({ most }) => length(most)),
            ...(line ? { lines: [{ place, below: mm(below) }] } : {}),
          }),
        );
        if (!division.ok) return;
        made += 1;
        division.heights.forEach((height, at) => {
          expect(height).toBeGreaterThanOrEqual(length(drawers[at]!.least) ?? 0);
          expect(height).toBeLessThanOrEqual(length(drawers[at]!.most) ?? Infinity);
        });
      }),
      { numRuns: 2000 },
    );
    expect(made).toBeGreaterThan(400);
  });
});

/** Every division there is, tried one by one: increments from nothing to the whole, the makeup taking the rest. */
function bruteForce(
  total: number,
  count: number,
  increment: number,
  makeup: number,
  ideals: number[],
  weights: number[],
) {
  let best: { cost: number; heights: number[] } | undefined;
  const walk = (heights: number[]): void => {
    if (heights.length === count) {
      const others = heights.reduce((sum, each, i) => (i === makeup ? sum : sum + each * (weights[i] ?? 1)), 0);
      const whole = [...heights];
      whole[makeup] = (total - others) / (weights[makeup] ?? 1);
      if (!Number.isInteger(whole[makeup])) return;
      const cost = whole.reduce((sum, each, i) => sum + (weights[i] ?? 1) * (each - (ideals[i] ?? 0)) ** 2, 0);
      if (!best || cost < best.cost - 1e-9) best = { cost, heights: whole };
      return;
    }
    if (heights.length === makeup) {
      walk([...heights, 0]);
      return;
    }
    for (let height = 0; height <= total; height += increment) walk([...heights, height]);
  };
  walk([]);
  return best;
}

describe('the exact division', () => {
  const cases = fc.record({
    total: fc.integer({ min: 60, max: 160 }),
    increment: fc.integer({ min: 7, max: 20 }),
    step: fc.integer({ min: 0, max: 12 }),
    makeup: fc.integer({ min: 0, max: 2 }),
  });

  it('is the best there is, found by trying every other', () => {
    fc.assert(
      fc.property(cases, ({ total, increment, step, makeup }) => {
        const division = divide(
          problem(nm(total), { scheme: 'step', step: nm(step) }, free(3), { increment: nm(increment), makeup }),
        );
        if (!division.ok) return;
        const first = (total - 3 * step) / 3;
        const best = bruteForce(total, 3, increment, makeup, [first, first + step, first + 2 * step], [1, 1, 1]);
        const cost = division.heights.reduce((sum: number, each, i) => sum + (each - first - i * step) ** 2, 0);
        expect(cost).toBeCloseTo(best?.cost ?? 0, 6);
      }),
      { numRuns: 400 },
    );
  });

  it('is the best there is with two fronts tied, makeup among them or not', () => {
    const drawers: Drawer[] = [{ id: 'd1' }, { id: 'd2', sameAs: 'd1' }, { id: 'd3' }, { id: 'd4' }];
    fc.assert(
      fc.property(cases, ({ total, increment, step, makeup }) => {
        const whole = total * 2;
        const division = divide(
          problem(nm(whole), { scheme: 'step', step: nm(step) }, drawers, {
            increment: nm(increment),
            makeup: makeup + 1,
          }),
        );
        if (!division.ok || division.heights[0] !== division.heights[1]) return;
        const first = (whole - 6 * step) / 4;
        const ideals = [first + step / 2, first + 2 * step, first + 3 * step];
        const best = bruteForce(whole, 3, increment, Math.max(0, makeup), ideals, [2, 1, 1]);
        const [pair = 0, , third = 0, fourth = 0] = division.heights;
        const cost =
          2 * (pair - (ideals[0] ?? 0)) ** 2 + (third - (ideals[1] ?? 0)) ** 2 + (fourth - (ideals[2] ?? 0)) ** 2;
        expect(cost).toBeCloseTo(best?.cost ?? 0, 6);
      }),
      { numRuns: 300 },
    );
  });

  it('of a very tall bank of sixty fronts, many of them tied, is made all the same', () => {
    const drawers = free(60).map((drawer, i) => (i % 5 === 4 ? { ...drawer, sameAs: `d${i}` } : drawer));
    const division = divide(
      problem(inches(400), { scheme: 'step', step: inches(1, 64) }, drawers, { increment: inches(1, 16) }),
    );
    if (!division.ok) throw new Error(division.fails);
    expect(division.heights.reduce((sum: number, each) => sum + each, 0)).toBe(inches(400));
    for (let i = 4; i < 60; i += 5) expect(division.heights[i]).toBe(division.heights[i - 1]);
  });

  it('adds up exactly, every free height but the makeup on the increment, over thousands of openings', () => {
    const scheme = fc.constantFrom<Scheme>('equal', 'step', 'ratio');
    const any = fc.record({
      scheme,
      count: fc.integer({ min: 1, max: 12 }),
      total: fc.integer({ min: 300_000_000, max: 3_000_000_000 }),
      increment: fc.constantFrom(inches(1, 16), inches(1, 4), mm(1), mm(5)),
      step: fc.integer({ min: 0, max: 20_000_000 }),
      ratio: fc.double({ min: 0.8, max: 1.4, noNaN: true }),
      lock: fc.option(fc.integer({ min: 20_000_000, max: 90_000_000 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(any, ({ scheme: name, count, total, increment, step, ratio, lock }) => {
        const drawers = free(count).map((drawer, i) =>
          lock !== undefined && i === 0 && count > 1 ? { ...drawer, height: nm(lock) } : drawer,
        );
        const division = divide(problem(nm(total), { scheme: name, step: nm(step), ratio }, drawers, { increment }));
        if (!division.ok) return;
        expect(division.heights.reduce((sum: number, each) => sum + each, 0)).toBe(total);
        division.heights.forEach((height, place) => {
          expect(height).toBeGreaterThan(0);
          if (!division.makeups.includes(place) && division.held[place] === undefined)
            expect(height % increment).toBe(0);
        });
      }),
      { numRuns: 2500 },
    );
  });
});
