import fc from 'fast-check';
import type { Band, Pull, Run } from '../job';
import { inches, millimetres, nm, plus, tally, type Tally, plain } from '../length';
import { bandedEdges, blankOf } from './blank';
import { frameWork } from './frame-work';
import { frameParts } from './frame';
import { pullBores, pullScrew, type Pulled } from './pull';
import { grainRun } from './run';
import { dividerLap, equalFronts, equalOpenings } from './share-width';

const size = (value: number): Tally => tally(plus('size', millimetres(value)));
const from = { kind: 'field', path: 'here' } as const;

describe('edge banding', () => {
  it('comes off each banded edge: 597 × 189 with 1 mm on four edges is 595 × 187', () => {
    // Common practice: 597 − 2 × 1 by 189 − 2 × 1.
    const band: Band = { thickness: millimetres(1), edges: ['top', 'bottom', 'left', 'right'] };
    const blank = blankOf(band, size(597), size(189), 'd', 'f');
    expect([blank.length.total, blank.width.total]).toEqual([595_000_000, 187_000_000]);
    const top: Band = { thickness: millimetres(2), edges: ['top'] };
    expect(blankOf(top, size(597), size(189), 'd', 'f').length.total).toBe(597_000_000);
    expect(blankOf(top, size(597), size(189), 'd', 'f').width.total).toBe(187_000_000);
    expect(bandedEdges(undefined, ['top'])).toBe(0);
  });
});

describe('framed fronts', () => {
  const wood = { id: 'w', name: 'w', kind: 'solid', thickness: millimetres(20) } as const;
  const frame = {
    stile: millimetres(57),
    rail: millimetres(38),
    groove: millimetres(10),
    play: millimetres(3),
    panel: 'p',
  };
  const parts = (width: number, height: number, rail?: undefined) =>
    frameParts({
      frame: rail === undefined && width === 401 ? { ...frame, rail: millimetres(57) } : frame,
      drawer: 'd',
      path: 'f',
      wood,
      panel: { ...wood, id: 'p' },
      width: size(width),
      height: size(height),
    });

  it('rails and panel between the stiles, in grooves', () => {
    const sizes = parts(400, 200).map(({ role, count, length, width }) => [
      role,
      count,
      length!.total / 1e6,
      width!.total / 1e6,
    ]);
    expect(sizes).toEqual([
      ['stile', 2, 200, 57],
      ['rail', 2, 400 - 114 + 20, 38],
      ['panel', 1, 400 - 114 + 20 - 3, 200 - 76 + 20 - 3],
    ]);
  });

  it('put together again make the front, whatever its size', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 900 }), fc.integer({ min: 120, max: 500 }), (width, height) => {
        const [stile, rail, panel] = parts(width, height);
        const groove = 2 * frame.groove;
        expect(rail!.length!.total - groove + 2 * stile!.width!.total).toBe(width * 1e6);
        expect(stile!.length!.total).toBe(height * 1e6);
        expect(panel!.width!.total + frame.play - groove + 2 * rail!.width!.total).toBe(height * 1e6);
      }),
    );
  });
});

describe('what is worked into a frame', () => {
  const of = (panel: number, more: object = {}) =>
    frameWork({
      ...{ wood: millimetres(19), panel: millimetres(panel), groove: millimetres(10), play: millimetres(3) },
      ...{ tongue: millimetres(10), path: 'f' },
      ...more,
    });

  it('a groove as wide as the panel, half the frame at most, in its middle: common practice', () => {
    expect([of(6).width.total, of(6).from.total, of(6).rabbet]).toEqual([6e6, 6.5e6, undefined]);
    expect([of(12).width.total, of(12).from.total, of(12).wall]).toEqual([9.5e6, 4.75e6, 4.75e6]);
  });

  it('a panel thicker than its groove is rabbeted all round: depth less half the play, thickness less the groove', () => {
    const { rabbet } = of(12, { grooveWidth: millimetres(6) });
    expect([rabbet!.width.total, rabbet!.depth.total]).toEqual([8.5e6, 6e6]);
    expect(of(6).tongue!.length.total).toBe(10e6);
    expect(of(6, { tongue: millimetres(0) }).tongue).toBeUndefined();
  });

  it('told from the face, the thinner wall beside it counts', () => {
    expect(of(6, { grooveFrom: millimetres(4) }).wall).toBe(4e6);
    expect(of(6, { grooveFrom: millimetres(11) }).wall).toBe(2e6);
  });
});

describe('grain runs', () => {
  const facts = (run: Run, gap: number, heights: number[], band?: Band) => ({
    run,
    path: 'r',
    blanks: heights.map((each) => ({ size: millimetres(each), label: plain('front'), from })),
    gaps: heights.slice(1).map(() => ({ gap: tally(plus('gap', millimetres(gap), from)) })),
    band,
    bandPath: 'b',
    meeting: ['bottom', 'top'] as const,
  });

  it('panel of four fronts: 708 of them, three kerfs of 3.2 and 10 of trim is 727.6', () => {
    // Common practice: 141 + 3 × 189 + 3 × 3.2 + 10.
    const run = { kerf: millimetres(3.2), trim: millimetres(10) };
    const { panel, jumps } = grainRun(facts(run, 3, [141, 189, 189, 189]));
    expect(panel.total).toBe(727_600_000);
    expect(jumps.map(({ total }) => total)).toEqual([-200_000, -200_000, -200_000]);
  });

  it('bands of 2 mm jump by 3.8, and a strip of 3.8 holds the pattern', () => {
    const band: Band = { thickness: millimetres(2), edges: ['top', 'bottom'] };
    const run = { kerf: millimetres(3.2), trim: millimetres(0) };
    expect(grainRun(facts(run, 3, [100, 100], band)).jumps[0]!.total).toBe(3_800_000);
    const even = grainRun(facts({ ...run, strip: millimetres(3.8) }, 3, [100, 100], band));
    expect(even.jumps[0]!.total).toBe(0);
    expect(even.panel.total).toBe(207_000_000);
  });

  it('runs through unbroken when kerf and gap are equal', () => {
    const { jumps } = grainRun(facts({ kerf: millimetres(3), trim: millimetres(8) }, 3, [100, 120, 140]));
    expect(jumps.every(({ total }) => total === 0)).toBe(true);
  });
});

describe('pulls', () => {
  const pulled = (pull: Partial<Pull>, width: number, height: number, bottom = 0): Pulled => ({
    pull: { school: 'centre', purchase: millimetres(8), ...pull },
    unit: 'mm',
    drawer: 'd',
    path: 'p',
    width: size(width),
    height: size(height),
    bottomY: size(bottom),
  });
  const bores = (...args: Parameters<typeof pulled>) =>
    pullBores(pulled(...args)).map(({ x, y }) => [x.total / 1e6, y.total / 1e6]);

  it('one in the middle up to 600 (24 in), two a quarter in above it: common practice', () => {
    expect(bores({}, 600, 100)).toEqual([[300, 50]]);
    expect(bores({}, 601, 100).map(([x]) => x)).toEqual([150.25, 450.75]);
    expect(pullBores({ ...pulled({}, 609.6, 100), unit: 'in' })).toHaveLength(1);
    expect(pullBores({ ...pulled({}, 609.7, 100), unit: 'in' })).toHaveLength(2);
    expect(bores({ twoOver: millimetres(900) }, 800, 100)).toHaveLength(1);
    expect(bores({ count: 2 }, 300, 100)).toHaveLength(2);
  });

  it('two bores at their centres', () => {
    expect(bores({ centres: millimetres(96) }, 500, 100)).toEqual([
      [202, 50],
      [298, 50],
    ]);
  });

  it('none where a grip is cut out, or there is no pull', () => {
    for (const kind of ['grip', 'none'] as const)
      expect(bores({ kind, centres: millimetres(96) }, 500, 100)).toEqual([]);
  });

  it('by school: the middle, below the top edge, a third down on low drawers', () => {
    expect(bores({ school: 'from-top', fromTop: millimetres(40) }, 500, 180)).toEqual([[250, 140]]);
    const low = { school: 'third-when-low', lowUnder: millimetres(400) } as const;
    expect(bores(low, 500, 300, 0)).toEqual([[250, 200]]);
    expect(bores(low, 500, 300, 300)).toEqual([[250, 150]]);
  });

  it('a screw is front, box front and purchase long', () => {
    expect(pullScrew(pulled({}, 500, 100), size(19), size(12)).total).toBe(39_000_000);
  });

  it('bores are on the front and mirror each other', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 1200 }), fc.integer({ min: 60, max: 400 }), (width, height) => {
        const all = bores({ centres: millimetres(64) }, width, height);
        const xs = all.map(([x]) => x ?? 0);
        expect(xs.reduce((sum, x) => sum + x, 0)).toBeCloseTo((all.length * width) / 2, 5);
        for (const [x = 0, y = 0] of all) {
          expect(x).toBeGreaterThan(0);
          expect(x).toBeLessThan(width);
          expect(y).toBe(height / 2);
        }
      }),
    );
  });
});

describe('sharing a case’s width', () => {
  it('laps a divider by half of what the gap leaves', () => {
    expect(dividerLap(inches(3, 4), inches(1, 8))).toBe(inches(5, 16));
  });

  it('fills the case either way, to the nanometre', () => {
    const any = fc.record({
      inside: fc.integer({ min: 600_000_000, max: 3_000_000_000 }),
      count: fc.integer({ min: 2, max: 6 }),
      divider: fc.integer({ min: 12_000_000, max: 25_000_001 }),
      gap: fc.integer({ min: 1_000_000, max: 4_000_001 }),
      lapLeft: fc.integer({ min: -3_000_000, max: 18_000_000 }),
      lapRight: fc.integer({ min: -3_000_000, max: 18_000_000 }),
    });
    fc.assert(
      fc.property(any, (sizes) => {
        const shared = Object.fromEntries(
          Object.entries(sizes).map(([key, value]) => [key, nm(value)]),
        ) as never as Parameters<typeof equalFronts>[0];
        for (const { openings, fronts } of [equalFronts(shared), equalOpenings(shared)]) {
          const sum = (list: readonly number[]) => list.reduce((total, each) => total + each, 0);
          expect(sum(openings) + (sizes.count - 1) * sizes.divider).toBe(sizes.inside);
          expect(sum(fronts) + (sizes.count - 1) * sizes.gap).toBe(sizes.inside + sizes.lapLeft + sizes.lapRight);
        }
        expect(new Set(equalFronts(shared).fronts.slice(0, -1)).size).toBe(1);
        expect(new Set(equalOpenings(shared).openings.slice(0, -1)).size).toBe(1);
      }),
    );
  });
});
