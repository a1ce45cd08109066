import { millimetres } from '../length';
import { contradiction, holdPassed, passed, type Hold } from './holding';
import { divide } from './divide';
import type { Division, DivisionProblem, Held } from './problem';
import type { TieGroup } from '../job';

const mm = millimetres;
const group = (...members: number[]): TieGroup => ({ members });
const problem = (over: Partial<DivisionProblem>): DivisionProblem => ({
  ...{ total: mm(600), choice: { scheme: 'equal' }, makeup: 2, groups: [group(0), group(1), group(2)] },
  ...over,
});

describe('drawers tied across a line', () => {
  const shared = (over: Partial<DivisionProblem>) => {
    const division = divide(problem({ increment: mm(1), makeup: 3, ...over }));
    return division.ok ? division.heights.map((height) => height / 1e6) : division.fails;
  };

  it('are as near as they can be to what each stretch asks for, in the mean square', () => {
    // x and 250 − x under a line, 350 − x and x over it: 2·(x − 125)² + 2·(x − 175)² is least at 150.
    const groups = [group(0, 3), group(1), group(2)];
    const lines = [{ place: 1, below: mm(250) }];
    expect(shared({ groups, lines })).toEqual([150, 200, 100, 150]);
  });

  it('are the higher of two that are as near, seen from below', () => {
    // 140 and 160 are both as far from 150; what they leave is no whole increment: who is alone there takes it.
    const groups = [group(0, 3), group(1), group(2)];
    const lines = [{ place: 1, below: mm(250) }];
    expect(shared({ groups, lines, increment: mm(20) })).toEqual([160, 190, 90, 160]);
    // Where those beside the line are tied the lower of two leaves the higher below.
    const beside = [group(0), group(1, 2), group(3)];
    expect(shared({ groups: beside, lines, increment: mm(20) })).toEqual([210, 140, 140, 110]);
  });

  it('can’t be where no whole increments serve both', () => {
    // Two alike in 250, three of the same in 350: 125 or 116 2/3.
    const groups = [group(0, 1, 2, 3, 4)];
    expect(shared({ groups, lines: [{ place: 2, below: mm(250) }], makeup: 4 })).toEqual(expect.any(String));
  });
});

describe('a height that a line leaves no choice', () => {
  const divided = (heights: readonly number[], held: readonly (Held | undefined)[]) =>
    ({ ok: true, heights: heights.map(mm), held }) as unknown as Extract<Division, { ok: true }>;
  const bounded = problem({ least: [undefined, mm(150)], most: [undefined, mm(250)] });
  const line = [undefined, 'line', undefined] as const;

  it.each([
    [149, mm(1)],
    [252, mm(2)],
  ])('of %s mm passes its bounds', (height, by) => {
    expect(passed(bounded, divided([100, height, 300], line))).toEqual({ ok: false, fails: 'bounds', by, place: 1 });
  });

  it('may be as low and as high as was asked for', () => {
    for (const height of [150, 200, 250]) expect(passed(bounded, divided([100, height, 300], line))).toBeUndefined();
  });

  it('is stopped neither by what is stored, nor where it was locked, nor where no line holds it', () => {
    const stored = problem({ needs: [undefined, mm(180)] });
    expect(passed(stored, divided([100, 100, 400], line))).toBeUndefined();
    const locked = problem({ ...bounded, groups: [group(0), { ...group(1), locked: mm(100) }, group(2)] });
    expect(passed(locked, divided([100, 100, 400], line))).toBeUndefined();
    expect(passed(bounded, divided([100, 100, 400], [undefined, 'contents', undefined]))).toBeUndefined();
  });
});

describe('what no division can serve', () => {
  it('is a least over a most, of whichever of those that are tied', () => {
    const tied = problem({ groups: [group(0, 2), group(1)], least: [mm(200)], most: [undefined, undefined, mm(190)] });
    expect(contradiction(tied)).toEqual({ ok: false, fails: 'bounds', by: mm(10), place: 0 });
    expect(contradiction({ ...tied, most: [undefined, undefined, mm(200)] })).toBeUndefined();
  });

  it('is a lock past what was asked for it; what is stored stops none', () => {
    const at = (locked: number): DivisionProblem =>
      problem({
        groups: [{ ...group(0), locked: mm(locked) }, group(1), group(2)],
        ...{ least: [mm(100)], most: [mm(140)], needs: [mm(130)] },
      });
    expect(contradiction(at(98))).toMatchObject({ by: mm(2) });
    expect(contradiction(at(143))).toMatchObject({ by: mm(3) });
    for (const locked of [100, 120, 140]) expect(contradiction(at(locked))).toBeUndefined();
  });
});

describe('heights that pass their bounds are held', () => {
  const scopes = [{ places: [0, 1, 2], total: mm(600) }];
  const heldOf = (over: Partial<DivisionProblem>, heights: readonly number[]) => {
    const [of, held] = [problem(over), new Map<TieGroup, Hold>()];
    const found = holdPassed(of, held, heights.map(mm), scopes);
    return { found, held: of.groups.map((each) => held.get(each)) };
  };

  it('at their least, up to the increment; at their most, down to it', () => {
    const low = heldOf({ least: [mm(101)], increment: mm(5) }, [90, 210, 300]);
    expect(low).toEqual({ found: true, held: [{ height: mm(105), why: 'least' }, undefined, undefined] });
    const high = heldOf({ most: [undefined, undefined, mm(252)], increment: mm(5) }, [150, 150, 300]);
    expect(high.held).toEqual([undefined, undefined, { height: mm(250), why: 'most' }]);
    const stored = heldOf({ needs: [mm(120)], least: [mm(101)] }, [90, 210, 300]);
    expect(stored.held[0]).toEqual({ height: mm(120), why: 'contents' });
  });

  it('at the bound itself where no whole increment lies between the two', () => {
    const narrow = { least: [mm(101)], most: [mm(104)], increment: mm(10) };
    expect(heldOf(narrow, [90, 210, 300]).held[0]).toEqual({ height: mm(101), why: 'least' });
    expect(heldOf(narrow, [190, 110, 300]).held[0]).toEqual({ height: mm(104), why: 'most' });
  });

  it('not where they are as asked', () => {
    expect(heldOf({ least: [mm(90)], most: [mm(90)] }, [90, 210, 300])).toMatchObject({ found: false });
    const bounded = { least: [mm(80), mm(200), mm(290)], most: [mm(100), mm(220), mm(310)] };
    for (const heights of [
      [90, 210, 300],
      [100, 220, 310],
      [80, 200, 290],
    ])
      expect(heldOf(bounded, heights)).toEqual({ found: false, held: [undefined, undefined, undefined] });
  });

  it('only those whose sum is the more, where some are under and some over; both where they are as much', () => {
    const both = { least: [mm(100)], most: [undefined, undefined, mm(250)] };
    expect(heldOf(both, [90, 210, 300]).held.map((each) => each?.why)).toEqual([undefined, undefined, 'most']);
    expect(heldOf(both, [40, 290, 270]).held.map((each) => each?.why)).toEqual(['least', undefined, undefined]);
    expect(heldOf(both, [80, 250, 270]).held.map((each) => each?.why)).toEqual(['least', undefined, 'most']);
  });

  it('not those that a line keeps apart from what is passed', () => {
    const [of, held] = [problem({ least: [mm(100), undefined, mm(100)] }), new Map<TieGroup, Hold>()];
    expect(holdPassed(of, held, [90, 210, 90].map(mm), [{ places: [0, 1], total: mm(300) }])).toBe(true);
    expect([...held.keys()]).toEqual([of.groups[0]]);
  });
});
