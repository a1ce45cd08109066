import fc from 'fast-check';
import { millimetres } from '../length';
import { ENGLISH, said, wordsIn } from '../words';
import { remedy, type Finding } from './finding';
import { groupFindings } from './grouped';
import { groupOverBanks } from './over-banks';
import { fitRowByRow, turn, type Laid } from './packing';

const laid = (across: number, deep: number, count = 1): Laid => ({
  across: millimetres(across),
  deep: millimetres(deep),
  count,
});
const fits = (width: number, length: number, ...things: Laid[]): boolean =>
  fitRowByRow(things, millimetres(width), millimetres(length));

describe('things side by side in rows', () => {
  it('fill the drawer to the last, and one more does not go in', () => {
    expect(fits(500, 400, laid(100, 100, 20))).toBe(true);
    expect(fits(500, 400, laid(100, 100, 21))).toBe(false);
    expect(fits(499, 400, laid(100, 100, 17))).toBe(false);
  });

  it('may be turned, each kind for itself', () => {
    // 300 × 200: two across the 400 only when turned.
    expect(fits(400, 300, laid(300, 200, 2))).toBe(true);
    expect(fits(500, 300, laid(300, 100, 3), laid(300, 200, 1))).toBe(true);
    expect(fits(299, 299, laid(300, 10))).toBe(false);
  });

  it('put the deepest first and small things beside them', () => {
    expect(fits(500, 300, laid(50, 50, 4), laid(300, 300, 1))).toBe(true);
    expect(fits(500, 300, laid(50, 50, 5), laid(300, 300, 1))).toBe(false);
  });

  it('counts a million small things without going through them', () => {
    expect(fits(10_000, 10_000, laid(10, 10, 1_000_000))).toBe(true);
    expect(fits(10_000, 10_000, laid(10, 10, 1_000_001))).toBe(false);
  });

  /** The same packing one thing at a time, without turning: rows from the front, a new one when a thing does not fit. */
  function oneByOne(things: readonly Laid[], width: number, length: number): boolean {
    let [x, y, depth] = [0, 0, 0] as [number, number, number];
    for (const { across, deep, count } of [...things].sort((a, b) => b.deep - a.deep))
      for (let i = 0; i < count; i += 1) {
        if (across > width) return false;
        if (depth === 0 || x + across > width) [x, y, depth] = [0, y + depth, deep];
        if (y + deep > length) return false;
        x += across;
      }
    return true;
  }

  it('is what laying them one at a time comes to', () => {
    const side = fc.integer({ min: 20, max: 300 });
    const thing = fc.tuple(side, side, fc.integer({ min: 1, max: 12 }));
    fc.assert(
      fc.property(fc.array(thing, { minLength: 1, maxLength: 3 }), side, side, (list, width, length) => {
        const things = list.map(([across, deep, count]) => laid(across, deep, count));
        const [w, l] = [millimetres(3 * width), millimetres(3 * length)];
        const turnings = 2 ** things.length;
        const any = Array.from({ length: turnings }, (_, turning) =>
          oneByOne(
            things.map((each, i) => ((turning >> i) & 1 ? turn(each) : each)),
            w,
            l,
          ),
        );
        expect(fitRowByRow(things, w, l)).toBe(any.includes(true));
      }),
      { numRuns: 500 },
    );
  });
});

const finding = (place: number, wood: string, path?: string): Finding => ({
  ...said('SIDE_TOO_THICK', {
    family: said('text', { text: 'a slide' }),
    most: millimetres(16),
    wood,
    over: millimetres(2),
  }),
  severity: 'warn',
  step: 'boxes',
  drawer: `d${place + 1}`,
  called: { place },
  remedies: path === undefined ? [] : [remedy('free-height', {}, [{ path, value: 1 }])],
});
const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

describe('findings said once', () => {
  it('of several drawers where they say the same, in the order of their places', () => {
    const groups = groupFindings([finding(2, 'ash'), finding(1, 'oak'), finding(0, 'ash')]);
    expect(groups.map((group) => words.say(group.said))).toEqual([
      'Each of drawers 1 and 3: a slide takes sides up to 16 mm; ash is 2 mm over.',
      'Drawer 2: a slide takes sides up to 16 mm; oak is 2 mm over.',
    ]);
  });

  it('mended together: one change where it is the same, every one where each drawer has its own', () => {
    const same = groupFindings([finding(0, 'ash', 'a'), finding(1, 'ash', 'a')]);
    expect(same[0]!.remedies.map(({ patches }) => patches)).toEqual([[{ path: 'a', value: 1 }]]);
    const own = groupFindings([finding(0, 'ash', 'a'), finding(1, 'ash', 'b')]);
    expect(own[0]!.remedies[0]!.patches.map(({ path }) => path)).toEqual(['a', 'b']);
    const half = groupFindings([finding(0, 'ash', 'a'), finding(1, 'ash')]);
    expect(half[0]!.remedies).toEqual([]);
  });

  it('leaves a bank’s own findings as they are', () => {
    const { drawer: _, called: __, ...bank } = finding(0, 'ash');
    expect(groupFindings([bank, bank])).toHaveLength(2);
  });
});

describe('a finding told once for several banks', () => {
  const bank = (path: string, ...findings: readonly Finding[]) => ({ path, findings });

  it('says at which drawers of which bank, and mends all of them, or one bank alone', () => {
    const groups = groupOverBanks([
      bank('a', finding(0, 'ash', 'a.0'), finding(2, 'ash', 'a.2')),
      bank('b', finding(1, 'oak', 'b.1')),
      bank('c', finding(4, 'ash', 'c.4')),
    ]);
    expect(groups.map(({ banks }) => banks.map(({ path, places }) => [path, ...places]))).toEqual([
      [
        ['a', 0, 2],
        ['c', 4],
      ],
      [['b', 1]],
    ]);
    const [ash] = groups;
    expect(ash!.remedies[0]!.patches.map(({ path }) => path)).toEqual(['a.0', 'a.2', 'c.4']);
    expect(ash!.banks[1]!.remedies[0]!.patches.map(({ path }) => path)).toEqual(['c.4']);
    expect(words.say(ash!.said)).toMatch(/^In several banks: /);
  });

  it('changes what banks share once', () => {
    const groups = groupOverBanks([bank('a', finding(0, 'ash', 'x')), bank('b', finding(0, 'ash', 'x'))]);
    expect(groups[0]!.remedies[0]!.patches).toEqual([{ path: 'x', value: 1 }]);
  });

  it('stays apart where one press can’t mend both', () => {
    expect(groupOverBanks([bank('a', finding(0, 'ash', 'x')), bank('b', finding(0, 'ash'))])).toHaveLength(2);
  });

  it('leaves two of one bank apart', () => {
    const { drawer: _, called: __, ...own } = finding(0, 'ash');
    expect(groupOverBanks([bank('a', own, own), bank('b', own)]).map(({ banks }) => banks.length)).toEqual([2, 1]);
  });
});
