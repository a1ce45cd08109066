import fc from 'fast-check';
import { inches, inMillimetres, millimetres, type Length } from '../length';
import { brad, connectorScrew, FIXING_ROWS, longOf, pocketScrew, spaced, spacedOnStrip, woodScrew } from './rules';

const mm = millimetres;
const inMm = (lengths: readonly Length[]): readonly number[] => lengths.map(inMillimetres);

// Common practice: trade figures from memory, reckoned here by hand.
describe('how long a fixing is', () => {
  const long = (of: Parameters<typeof longOf>): number | undefined => {
    const found = longOf(...of);
    return found === undefined ? undefined : inMillimetres(found);
  };

  it('is by its own list: a connector for sheets of 15 to 19 alone, none for glue', () => {
    expect([14.9, 15, 19, 19.1].map((first) => long(['connector-screw', mm(first), 'edge', 'mm']))).toEqual([
      undefined,
      50,
      50,
      undefined,
    ]);
    expect(connectorScrew(mm(18), 'in')).toBe(inches(2));
    expect(long(['pocket-screw', mm(18), 'edge', 'mm'])).toBe(32);
    expect(long(['screw', mm(18), 'edge', 'mm'])).toBe(40);
    expect(long(['brad', mm(9), 'edge', 'mm'])).toBe(25);
    for (const none of ['glue', 'dowel', 'biscuit', 'loose-tenon'] as const)
      expect(long([none, mm(18), 'edge', 'mm'])).toBeUndefined();
  });

  it('a brad is three times the first part, goes through it, and is not out at the other side', () => {
    // 12 by 3: 36 → 35. Into an edge no more than 25: 30 + 25 = 55 → 50. Into a face of 6 less 2: 12 + 4 = 16 → 15.
    expect([
      long(['brad', mm(12), 'edge', 'mm']),
      long(['brad', mm(30), 'edge', 'mm']),
      long(['brad', mm(12), { face: mm(6) }, 'mm']),
    ]).toEqual([35, 50, 15]);
    // Into a face of 3 less 2: 13, and the list has 10, which is not through the first.
    expect(long(['brad', mm(12), { face: mm(3) }, 'mm'])).toBeUndefined();
    expect(long(['brad', mm(10), { face: mm(5) }, 'mm'])).toBeUndefined();
  });
});

describe('how fixings stand along a joint', () => {
  it('is from first to last evenly, no farther apart than the row allows', () => {
    // 600 long, 25 from the ends: 550 between, over 150 → 1 + 4 = 5.
    expect(inMm(spaced(mm(600), FIXING_ROWS['pocket-screw']).places)).toEqual([25, 162.5, 300, 437.5, 575]);
    expect(inMm(spaced(mm(100), FIXING_ROWS.screw).places)).toEqual([25, 75]);
    expect(spaced(mm(29), FIXING_ROWS.screw)).toEqual({ places: [mm(14.5)], glue: true });
    // 40 from the ends, 25 to spare: 105 is the shortest that follows the row.
    expect(inMm(spaced(mm(105), FIXING_ROWS.screw).places)).toEqual([40, 65]);
    expect(inMm(spacedOnStrip(mm(500)).places)).toEqual([40, 250, 460]);
    expect(spacedOnStrip(mm(501)).places).toHaveLength(4);
  });

  it('holds for every length and kind', () => {
    const kinds = Object.keys(FIXING_ROWS) as (keyof typeof FIXING_ROWS)[];
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 4000 }), fc.constantFrom(...kinds), (long, kind) => {
        const { places, glue } = spaced(mm(long), FIXING_ROWS[kind]);
        const { first, apart } = FIXING_ROWS[kind];
        const gaps = places.slice(1).map((place, index) => place - (places[index] ?? 0));
        expect(Math.max(0, ...gaps)).toBeLessThanOrEqual(Math.max(apart, mm(long) / 2) + 1);
        expect((places[0] ?? 0) + (places.at(-1) ?? 0)).toBe(mm(long));
        expect(glue).toBe(long < 30);
        if (long >= 2 * inMillimetres(first) + 25) expect(places[0]).toBe(first);
      }),
      { numRuns: 300 },
    );
  });

  it('takes screws and brads as long as hold and do not come through', () => {
    expect([12, 14, 18, 21, 25].map((t) => inMillimetres(pocketScrew(mm(t), 'mm')))).toEqual([25, 25, 32, 32, 38]);
    expect(pocketScrew(mm(18), 'in')).toBe(inches(5, 4));
    // Through 18 into an edge: at most 43 → 40; into end grain at most 56 → 50; into a face of 18: 18 + 12 = 30.
    expect(woodScrew(mm(18), 'edge', 'mm')).toBe(mm(40));
    expect(woodScrew(mm(18), 'end-grain', 'mm')).toBe(mm(50));
    expect(woodScrew(mm(18), { face: mm(18) }, 'mm')).toBe(mm(30));
    // 17.7 on 17.7: two thirds are 29.5; 25 holds by 7.3 only, 30 stays in by 5.4.
    expect(woodScrew(mm(17.7), { face: mm(17.7) }, 'mm')).toBe(mm(30));
    // A face of 6: nothing on the list goes in by 8.
    expect(woodScrew(mm(18), { face: mm(6) }, 'mm')).toBeUndefined();
    expect(woodScrew(mm(45), 'edge', 'mm')).toBeUndefined();
    expect(brad(mm(6), 'edge', 'mm')).toBe(mm(15));
    // 19 + 25 = 44.
    expect(brad(mm(19), 'edge', 'mm')).toBe(mm(40));
    expect(brad(mm(6), { face: mm(9) }, 'mm')).toBe(mm(10));
    expect([14, 15, 19, 20].map((t) => connectorScrew(mm(t), 'mm'))).toEqual([undefined, mm(50), mm(50), undefined]);
  });
});
