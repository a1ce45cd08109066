import fc from 'fast-check';
import { inMillimetres, millimetres } from '../length';
import { frontScrews, type FrontOnBox } from './front-screws';
import { fixingTotals } from './order';
import type { Fixing } from './fixings';

const mm = millimetres;
interface InMm {
  readonly wide: number;
  readonly high: number;
  readonly floor?: number;
  readonly slide?: number;
  readonly over?: number;
  readonly bores?: readonly (readonly [number, number])[];
  readonly frame?: readonly [stile: number, rail: number];
}
const on = ({ wide, high, floor = 0, slide, over = 10, bores = [], frame }: InMm): FrontOnBox => ({
  ...{ unit: 'mm', width: mm(wide), height: mm(high), floor: mm(floor), longest: mm(28) },
  ...(slide === undefined ? {} : { slideLine: mm(slide) }),
  front: { width: mm(wide + 2 * over), height: mm(high + 2 * over) },
  at: { x: mm(over), y: mm(over) },
  bores: bores.map(([x, y]) => ({ x: mm(x), y: mm(y) })),
  ...(frame ? { frame: { stile: mm(frame[0]), rail: mm(frame[1]) } } : {}),
});
const marks = (of: InMm) =>
  frontScrews(on(of)).marks.map(({ along, in: up }) => [inMillimetres(along), inMillimetres(up)] as const);

/** Common practice, reckoned here by hand: 25 mm clear of everything, 40 from the ends. */
describe('screws of a drawer front', () => {
  it('are four, near the corners; six where it is over 200 high or 900 wide', () => {
    expect(marks({ wide: 400, high: 120 })).toEqual([
      [40, 25],
      [360, 25],
      [40, 95],
      [360, 95],
    ]);
    const count = (wide: number, high: number) => frontScrews(on({ wide, high })).count;
    expect([count(880, 180), count(881, 180), count(880, 181)]).toEqual([4, 6, 6]);
    // Three rows of two where it is high, two of three where it is wide.
    expect(new Set(marks({ wide: 400, high: 300 }).map(([, up]) => up))).toEqual(new Set([25, 150, 275]));
    expect(new Set(marks({ wide: 900, high: 120 }).map(([along]) => along))).toEqual(new Set([40, 450, 860]));
  });

  it('are as long as comes out nowhere, of the list', () => {
    expect(frontScrews(on({ wide: 400, high: 120 })).long).toBe(mm(25));
    expect(frontScrews({ ...on({ wide: 400, high: 120 }), longest: mm(5) })).not.toHaveProperty('long');
  });

  it('stand over the groove of the bottom, and clear of the slide’s line', () => {
    expect(marks({ wide: 400, high: 120, floor: 20 }).map(([, up]) => up)).toEqual([45, 45, 95, 95]);
    expect(marks({ wide: 400, high: 120, slide: 30 }).map(([, up]) => up)).toEqual([55, 55, 95, 95]);
    // One row where no two go; none where nothing does.
    expect(marks({ wide: 400, high: 70 }).map(([, up]) => up)).toEqual([35, 35, 35, 35]);
    expect(marks({ wide: 400, high: 49 })).toEqual([]);
  });

  it('stand off the bores of a pull, on its front', () => {
    // A bore 10 right of and level with the lower left screw, as the front lies 10 over the box.
    const off = marks({ wide: 400, high: 120, bores: [[60, 35]] });
    for (const [along, up] of off) expect(Math.hypot(along + 10 - 60, up + 10 - 35)).toBeGreaterThanOrEqual(25);
    expect(off).not.toContainEqual([40, 25]);
    expect(marks({ wide: 400, high: 120, bores: [[80, 35]] })).toContainEqual([40, 25]);
  });

  it('are clear of everything there is, whatever there is', () => {
    const bore = fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 320 }));
    const front = fc.record({
      wide: fc.integer({ min: 60, max: 1000 }),
      high: fc.integer({ min: 40, max: 320 }),
      floor: fc.integer({ min: 0, max: 40 }),
      slide: fc.option(fc.integer({ min: 20, max: 160 }), { nil: undefined }),
      over: fc.integer({ min: 0, max: 30 }),
      bores: fc.array(bore, { maxLength: 3 }),
    });
    fc.assert(
      fc.property(front, ({ slide, ...rest }) => {
        const of = { ...rest, ...(slide === undefined ? {} : { slide }) };
        const all = marks(of);
        const { count } = frontScrews(on(of));
        expect([0, count]).toContain(all.length);
        for (const [along, up] of all) {
          expect(up).toBeGreaterThanOrEqual(of.floor > 0 ? of.floor + 25 : 25);
          expect(up).toBeLessThanOrEqual(of.high - 25);
          expect(along).toBeGreaterThanOrEqual(Math.floor(of.wide / 4) < 40 ? of.wide / 4 - 1 : 40);
          if (slide !== undefined) expect(Math.abs(up - slide)).toBeGreaterThanOrEqual(25);
          for (const [x, y] of of.bores)
            expect(Math.hypot(along + of.over - x, up + of.over - y)).toBeGreaterThanOrEqual(25 - 1e-6);
        }
        for (const [index, [along, up]] of all.entries())
          for (const [x, y] of all.slice(index + 1)) expect(Math.hypot(along - x, up - y)).toBeGreaterThanOrEqual(25);
      }),
    );
  });

  it('stand in the stiles of a framed front, or on its rails, never at its panel', () => {
    for (const [along] of marks({ wide: 400, high: 120, frame: [80, 40] })) {
      const onFront = along + 10;
      expect(onFront <= 80 - 25 || onFront >= 420 - (80 - 25)).toBe(true);
    }
    for (const [, up] of marks({ wide: 400, high: 160, frame: [40, 70] }))
      expect(up + 10 <= 70 - 25 || up + 10 >= 180 - 70 + 25).toBe(true);
  });
});

describe('what is to be bought for the joints of a case', () => {
  const fixing = (kind: string, places: number, more: object = {}): Fixing =>
    ({ kind, places: Array.from({ length: places }, () => mm(1)), glue: false, ...more }) as unknown as Fixing;

  it('is alike ones together, and nothing for glue', () => {
    const all = [
      fixing('screw', 3, { long: mm(40) }),
      fixing('glue', 0),
      fixing('screw', 2, { long: mm(40) }),
      fixing('screw', 4, { long: mm(50) }),
      fixing('dowel', 6),
      fixing('pocket-screw', 5, { long: mm(32), thread: 'fine' }),
      fixing('pocket-screw', 1, { long: mm(32), thread: 'coarse' }),
    ];
    expect(fixingTotals(all)).toEqual([
      { kind: 'screw', count: 5, long: mm(40) },
      { kind: 'screw', count: 4, long: mm(50) },
      { kind: 'dowel', count: 6 },
      { kind: 'pocket-screw', count: 5, long: mm(32), thread: 'fine' },
      { kind: 'pocket-screw', count: 1, long: mm(32), thread: 'coarse' },
    ]);
  });
});
