import fc from 'fast-check';
import { BOTTOMS, lossOf, reachOf } from '../box';
import { JOINTS } from '../job';
import { millimetres, type Tally } from '../length';
import { BUILT_IN } from '../slides';
import { one } from './plan.spec-data';
import type { BankPlan, DrawerPlan } from './types';

/** Random sound jobs over every family, joint, bottom, mount and scheme. */
const anyJob = fc.record({
  family: fc.constantFrom(...BUILT_IN.map(({ id }) => id)),
  joint: fc.constantFrom(...JOINTS),
  backJoint: fc.constantFrom(...JOINTS),
  bottomFit: fc.constantFrom(...Object.keys(BOTTOMS)),
  mount: fc.constantFrom('overlay', 'inset'),
  scheme: fc.constantFrom('equal', 'step', 'ratio'),
  count: fc.integer({ min: 1, max: 8 }),
  width: fc.integer({ min: 300_000_000, max: 1_200_000_000 }),
  height: fc.integer({ min: 600_000_000, max: 2_000_000_000 }),
  gap: fc.integer({ min: 0, max: 25_000_001 }),
  rail: fc.integer({ min: 0, max: 20_000_001 }),
  lap: fc.integer({ min: 0, max: 15_000_000 }),
});
const nmText = (value: number): string => `${(value / 1e6).toFixed(6)} mm`;

describe('every plan', () => {
  it('adds up: fronts and gaps to the height, bays and boxes without overlap, parts to the box', () => {
    fc.assert(
      fc.property(anyJob, (any) => {
        const lap = nmText(any.lap);
        const bank = one(
          {
            path: 'BANK.opening',
            value: { width: [nmText(any.width)], height: [nmText(any.height)], depth: ['560 mm'] },
          },
          {
            path: 'BANK.front',
            value: {
              mount: any.mount,
              top: lap,
              bottom: lap,
              left: lap,
              right: lap,
              gap: nmText(any.gap),
              material: 'front',
            },
          },
          { path: 'BANK.rail', value: nmText(any.rail) },
          { path: 'BANK.slide', value: { family: any.family } },
          { path: 'BANK.division', value: { scheme: any.scheme, step: '10 mm', ratio: 1.1, increment: '1 mm' } },
          { path: 'BANK.box.bottomFit', value: any.bottomFit },
          {
            path: 'BANK.box.corner',
            value: { joint: any.joint, depth: '5 mm', back: { joint: any.backJoint, depth: '4 mm' } },
          },
          { path: 'BANK.drawers', value: Array.from({ length: any.count }, (_, i) => ({ id: `d${i}` })) },
        );
        checkHeights(bank, any);
        bank.drawers.forEach((drawer) => checkBox(drawer, bank));
        bank.drawers.forEach(checkCuts);
        allTallies(bank).forEach(({ total, terms }) =>
          expect(terms.reduce((sum, { amount }) => sum + amount, 0)).toBe(total),
        );
      }),
      { numRuns: 250 },
    );
  });
});

function checkHeights(bank: BankPlan, any: { height: number; lap: number; mount: string; gap: number }): void {
  const heights = bank.drawers.map(({ dimensions }) => dimensions['front.height']?.total as number);
  const lap = any.mount === 'overlay' ? any.lap : -any.lap;
  expect(heights.reduce((sum, each) => sum + each, 0) + (heights.length - 1) * any.gap).toBe(any.height + 2 * lap);
  expect((bank.drawers[0]?.dimensions['front.bottomY']?.total as number) + (heights[0] ?? 0)).toBe(any.height + lap);
  bank.drawers.forEach((drawer, place) => {
    const box = drawer.dimensions;
    const [bottom, tall] = [box['box.bottomY']?.total, box['box.height']?.total];
    const bayTop = (box['bay.bottomY']?.total ?? 0) + (box['bay.height']?.total ?? 0);
    expect(bayTop).toBeLessThanOrEqual(any.height);
    if (bottom === undefined || tall === undefined) return;
    expect(bottom).toBeGreaterThanOrEqual(box['bay.bottomY']?.total ?? NaN);
    expect(bottom + tall).toBeLessThanOrEqual(bayTop);
    const above = bank.drawers[place - 1]?.dimensions['box.bottomY']?.total;
    if (above !== undefined) expect(bottom + tall).toBeLessThanOrEqual(above);
  });
}

/** Parts put together again by their joints make the box; the bottom enters its grooves by their depth less the play. */
function checkBox(drawer: DrawerPlan, bank: BankPlan): void {
  const total = (name: keyof DrawerPlan['dimensions']): number | undefined => drawer.dimensions[name]?.total;
  const size = (role: string, which: 'length' | 'width'): number | undefined =>
    drawer.parts.find((each) => each.role === role)?.[which]?.total;
  const [side, front, back] = [size('side', 'length'), size('front', 'length'), size('back', 'length')];
  const [ts, te] = [millimetres(11.8), millimetres(11.8)];
  const { corner, bottomFit } = bank.bank.box;
  const [width, length, wi, li] = [
    total('box.width'),
    total('box.length'),
    total('inside.width'),
    total('inside.length'),
  ];
  if ([side, front, back, width, length, wi, li].includes(undefined)) return;
  expect(front! - 2 * reachOf(corner, ts) + 2 * ts).toBe(width);
  expect(back! - 2 * reachOf(corner.back!, ts) + 2 * ts).toBe(width);
  expect(side! + lossOf(corner, te) + lossOf(corner.back!, te)).toBe(length);
  const [across, long] = [size('bottom', 'length')!, size('bottom', 'width')!];
  const [groove, play] = [5_900_000, 1_500_000];
  const expected = {
    captured: [wi! + 2 * groove - play, li! + 2 * groove - play],
    'slid-in': [wi! + 2 * groove - play, li! + groove + te - play],
    applied: [width, length],
    rabbeted: [wi! + 2 * groove - play, li! + 2 * groove - play],
  }[bottomFit];
  expect([across, long]).toEqual(expected);
}

/** Cuts lie in the parts they are made in: no deeper than thick, no higher than high, no further in than long. */
function checkCuts({ machining, parts, family }: DrawerPlan): void {
  for (const { role, kind, sizes } of machining) {
    const part = parts.find((each) => each.role === role);
    expect(part).toBeDefined();
    // A batten's groove may be too deep for thin sides: a finding says so.
    if (family.id !== 'side-hung') expect(sizes['depth']?.total ?? 0).toBeLessThanOrEqual(part!.thickness);
    if (kind !== 'bore' && kind !== 'notch') continue;
    if (part?.length) expect(2 * (sizes['in'] ?? sizes['width'])!.total).toBeLessThan(part.length.total);
    if (sizes['up']) expect(sizes['up'].total).toBeGreaterThan(0);
  }
}

function allTallies(bank: BankPlan): Tally[] {
  const ofDrawers = bank.drawers.flatMap(({ dimensions, parts }) => [
    ...Object.values(dimensions),
    ...parts.flatMap(({ length, width }) => [length, width].filter((each): each is Tally => each !== undefined)),
  ]);
  return [...ofDrawers, ...bank.spacers, bank.share, bank.opening.width];
}
