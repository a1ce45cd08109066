import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BOTTOMS, CORNERS, lossOf, reachOf } from '../box';
import { patched, type JobDocument, type Joint, type Patch } from '../job';
import { BANK, sample } from '../job/sample.spec-data';
import { inMillimetres, type Tally } from '../length';
import { BUILT_IN } from '../slides';
import { planDocument } from './document';
import { tallyOf } from './follow';
import { plan, readJobDocument } from './plan';
import type { BankPlan, DrawerPlan } from './types';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, '../../../../apps/server/demo', `${name}.json`), 'utf8')) as JobDocument;

function banks(document: JobDocument, ...patches: Patch[]): BankPlan[] {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases.flatMap((each) => [...each.banks]);
}
const one = (...patches: Patch[]): BankPlan =>
  banks(sample, ...patches.map(({ path, value }) => ({ path: path.replace('BANK', BANK), value })))[0]!;
const inch = (value: number): number => Math.round(value * 25_400_000) / 1e6;
const mm = (drawer: DrawerPlan | undefined, name: keyof DrawerPlan['dimensions']): number | undefined => {
  const size = drawer?.dimensions[name];
  return size && inMillimetres(size.total);
};
const part = (drawer: DrawerPlan | undefined, role: string): number[] => {
  const found = drawer?.parts.find((each) => each.role === role);
  return [found?.length, found?.width].map((size) => (size ? inMillimetres(size.total) : NaN));
};
const codes = (bank: BankPlan): string[] => bank.findings.map(({ code }) => code);

/** The sums of trade/2-quantities.md done by hand for the demo jobs, to the nanometre. */
describe('the demo jobs', () => {
  it('Notions bank: side-mount slides, overlay, a step of 1/2 in', () => {
    const [bank] = banks(demo('notions-bank'));
    expect(bank!.drawers.map((each) => mm(each, 'front.height'))).toEqual(
      [61, 69, 77, 85, 93, 101].map((n) => inch(n / 16)),
    );
    expect(mm(bank!.drawers[0], 'front.width')).toBe(inch(25));
    expect(mm(bank!.drawers[0], 'box.width')).toBe(inch(23));
    expect(mm(bank!.drawers[0], 'box.length')).toBe(inch(22));
    expect(mm(bank!.drawers[5], 'bay.height')).toBe(inch(5.875));
    expect(mm(bank!.drawers[5], 'box.height')).toBe(inch(5.125));
    expect(part(bank!.drawers[5], 'side')).toEqual([inch(22), inch(5.125)]);
    expect(part(bank!.drawers[5], 'front')).toEqual([inch(23) - 23.6, inch(5.125)]);
    expect(part(bank!.drawers[5], 'back')).toEqual([inch(23) - 23.6, inch(4.625) - 5.5]);
    expect(part(bank!.drawers[5], 'bottom')).toEqual([571.7125, 551.7625]);
    expect(part(bank!.drawers[5], 'face')).toEqual([inch(25), inch(101 / 16)]);
    expect(bank!.findings).toEqual([]);
  });

  it('Flag chest: undermount, inset, rails, a ratio of 1.25', () => {
    const [bank] = banks(demo('flag-chest'));
    expect(bank!.drawers.map((each) => mm(each, 'front.height'))).toEqual([119, 148, 185, 232]);
    expect(bank!.drawers.map((each) => mm(each, 'front.bottomY'))).toEqual([639, 467, 258, 2]);
    expect(bank!.drawers.map((each) => mm(each, 'bay.height'))).toEqual([123, 152, 189, 236]);
    expect(bank!.drawers.map((each) => mm(each, 'box.height'))).toEqual([100, 130, 165, 215]);
    expect(mm(bank!.drawers[0], 'box.width')).toBe(851.4);
    expect(mm(bank!.drawers[0], 'box.length')).toBe(440);
    expect(mm(bank!.drawers[0], 'slide.setback')).toBe(23);
    expect(mm(bank!.drawers[3], 'slide.lowerEdgeY')).toBe(0);
    expect(part(bank!.drawers[0], 'front')[0]).toBe(851.4 - 29.4 + 12);
    expect(codes(bank!)).toEqual(['FORECAST']);
  });

  it('Rope bench: wooden runners, two banks, tied fronts', () => {
    const [left, right] = banks(demo('rope-bench'));
    expect(left!.drawers.map((each) => mm(each, 'front.height'))).toEqual([3, 3, 7.25, 7.375, 7.375].map(inch));
    expect(mm(left!.drawers[4], 'box.height')).toBe(inch(6));
    expect(mm(left!.drawers[0], 'box.width')).toBe(inch(17.875));
    expect(part(left!.drawers[4], 'side')[0]).toBe(inch(22.3125));
    expect(part(left!.drawers[4], 'bottom')).toEqual([inch(17.375), inch(22.25)]);
    expect(part(right!.drawers[3], 'side')[0]).toBe(inch(21.8125));
    expect(part(right!.drawers[3], 'bottom')).toEqual([inch(29.875), inch(22.75)]);
  });
});

// Worked examples of the trade reference, their inputs entered as own slide rows.
describe('worked examples', () => {
  const own = (row: object): Patch => ({ path: 'slides', value: [{ id: 'own', ...row }] });
  const family = { path: 'BANK.slide', value: { family: 'own' } };
  const opening = (width: string, height: string, depth: string): Patch => ({
    path: 'BANK.opening',
    value: { width: [width], height: [height], depth: [depth] },
  });
  const single = { path: 'BANK.drawers', value: [{ id: 'd1' }] };

  it('E2: undermount, inside width governs', () => {
    const row = own({ like: 'undermount-16', insideDeduction: '1 21/32 in' });
    const bank = one(row, family, opening('15 in', '5 in', '23 1/4 in'), single, {
      path: 'materials[0].thickness',
      value: '5/8 in',
    });
    expect(mm(bank.drawers[0], 'box.width')).toBeCloseTo(inch(14 + 19 / 32), 6);
    const thin = one(row, family, opening('15 in', '5 in', '23 1/4 in'), single, {
      path: 'materials[0].thickness',
      value: '1/2 in',
    });
    expect(mm(thin.drawers[0], 'box.width')).toBeCloseTo(inch(14 + 11 / 32), 6);
  });

  it('E3: sides of 15 and 12 in the 16 class, 18 in the 19 class', () => {
    const width = (slide: string, side: string): number | undefined =>
      mm(
        one({ path: 'BANK.slide.family', value: slide }, opening('564 mm', '684 mm', '542 mm'), {
          path: 'materials[0].thickness',
          value: side,
        }).drawers[0],
        'box.width',
      );
    expect([width('undermount-16', '15 mm'), width('undermount-16', '12 mm'), width('undermount-19', '18 mm')]).toEqual(
      [552, 546, 551],
    );
    expect(
      mm(
        one({ path: 'BANK.slide.family', value: 'undermount-16' }, opening('564 mm', '684 mm', '542 mm')).drawers[0],
        'box.length',
      ),
    ).toBe(490);
  });

  it('E4: roller under the corner, 6 in high', () => {
    const row = own({ like: 'roller-corner', bottom: '1/4 in', top: '3/4 in' });
    const bank = one(row, family, opening('12 1/2 in', '6 in', '500 mm'), single);
    expect([mm(bank.drawers[0], 'box.width'), mm(bank.drawers[0], 'box.height')]).toEqual([inch(11.5), inch(5)]);
  });

  it('E6: side-hung, 1 mm each side', () => {
    const bank = one(own({ like: 'side-hung', side: '1 mm' }), family, opening('400 mm', '120 mm', '500 mm'), single);
    expect([mm(bank.drawers[0], 'box.width'), mm(bank.drawers[0], 'box.height')]).toEqual([398, 114]);
  });

  it('E7: centre-mount', () => {
    const bank = one(
      own({ like: 'centre-mount', bottom: '3/16 in' }),
      family,
      opening('14 in', '4 1/2 in', '500 mm'),
      single,
    );
    expect([mm(bank.drawers[0], 'box.width'), mm(bank.drawers[0], 'box.height')]).toEqual([
      inch(13.75),
      inch(4 + 1 / 16),
    ]);
  });
});

describe('touching a number', () => {
  it('the story: 23 7/8 − 2 × 1/2 = 22 7/8', () => {
    const [bank] = banks(demo('notions-bank'), { path: `${BANK}.opening.width[0]`, value: '23 7/8 in' });
    const sum = tallyOf(bank!, { kind: 'dimension', drawer: 'd1', dimension: 'box.width' })!;
    expect(inMillimetres(sum.total)).toBe(inch(22.875));
    expect(sum.terms.map(({ label, times, each, amount }) => [label, times, inMillimetres(each ?? amount)])).toEqual([
      ['opening', undefined, inch(23.875)],
      ['slide', 2, -12.7],
    ]);
    expect(sum.terms.map(({ from }) => from)).toEqual([
      { kind: 'dimension', dimension: 'opening.width' },
      { kind: 'figure', family: 'side-ball-bearing', figure: 'side' },
    ]);
    expect(tallyOf(bank!, { kind: 'dimension', dimension: 'opening.width' })!.terms[0]!.from).toEqual({
      kind: 'field',
      path: `${BANK}.opening.width[0]`,
    });
    expect(tallyOf(bank!, { kind: 'dimension', drawer: 'gone', dimension: 'box.width' })).toBeUndefined();
  });
});

describe('findings', () => {
  it.each<[string, Patch[], Patch[]]>([
    [
      'OPENING_TAPERED',
      [{ path: 'BANK.opening.width[1]', value: '600.801 mm' }],
      [{ path: 'BANK.opening.width[1]', value: '600.8 mm' }],
    ],
    [
      'OPENING_RACKED',
      [{ path: 'BANK.opening.diagonals', value: ['784 mm', '779 mm'] }],
      [{ path: 'BANK.opening.diagonals', value: ['781 mm', '781 mm'] }],
    ],
    ['OPENING_IMPOSSIBLE', [{ path: 'BANK.opening.diagonals', value: ['800 mm', '781 mm'] }], []],
    [
      'OPENING_IMPOSSIBLE',
      [{ path: 'BANK.opening.height[1]', value: '525.001 mm' }],
      [{ path: 'BANK.opening.height[1]', value: '525 mm' }],
    ],
    ['FORECAST', [{ path: 'BANK.basis', value: 'planned' }], []],
    [
      'BUILD_OUT_MISSING',
      [{ path: 'cases[0].style', value: 'face-frame' }],
      [
        { path: 'cases[0].style', value: 'face-frame' },
        { path: 'BANK.buildOut', value: { left: '18 mm', right: '18 mm' } },
      ],
    ],
    [
      'DEPTH_TOO_SHORT',
      [{ path: 'BANK.slide.length', value: '600 mm' }],
      [{ path: 'BANK.slide.length', value: '550 mm' }],
    ],
    [
      'DEPTH_TOO_SHORT',
      [{ path: 'BANK.opening.depth[0]', value: '254.999 mm' }],
      [{ path: 'BANK.opening.depth[0]', value: '255 mm' }],
    ],
    [
      'BOX_TOO_HIGH',
      [{ path: 'BANK.drawers[0].boxHeight', value: '400 mm' }],
      [{ path: 'BANK.drawers[0].boxHeight', value: '60 mm' }],
    ],
    [
      'BOX_TOO_LOW',
      [{ path: 'BANK.drawers[0].boxHeight', value: '51.9 mm' }],
      [{ path: 'BANK.drawers[0].boxHeight', value: '52 mm' }],
    ],
    [
      'SIDE_TOO_THICK',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'materials[0].thickness', value: '16.1 mm' },
      ],
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'materials[0].thickness', value: '16 mm' },
      ],
    ],
    [
      'BOTTOM_NOT_ALLOWED',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'BANK.box.bottomFit', value: 'applied' },
      ],
      [{ path: 'BANK.slide.family', value: 'undermount-16' }],
    ],
    [
      'RECESS_WRONG',
      [
        { path: 'BANK.slide.family', value: 'undermount-16' },
        { path: 'BANK.box.groove.offset', value: '11.9 mm' },
      ],
      [{ path: 'BANK.slide.family', value: 'undermount-16' }],
    ],
    ['EASE_TOO_MUCH', [{ path: 'BANK.box.ease', value: '1.6 mm' }], [{ path: 'BANK.box.ease', value: '1/16 in' }]],
    [
      'DIVISION_REVERSED',
      [
        { path: 'BANK.division.makeup', value: 'top' },
        { path: 'BANK.division.scheme', value: 'equal' },
        { path: 'BANK.division.increment', value: '5 mm' },
      ],
      [],
    ],
    [
      'DIVISION_IMPOSSIBLE',
      [{ path: 'BANK.drawers[0].height', value: '600 mm' }],
      [{ path: 'BANK.drawers[0].height', value: '200 mm' }],
    ],
    ['SIZE_IMPOSSIBLE', [{ path: 'BANK.opening.width', value: ['25 mm'] }], []],
    [
      'CONTENTS_TOO_TALL',
      [
        {
          path: 'BANK.drawers[0]',
          value: { id: 'd1', height: '150 mm', contents: [{ name: 'roll', height: '140 mm' }] },
        },
      ],
      [{ path: 'BANK.drawers[0]', value: { id: 'd1', contents: [{ name: 'roll', height: '140 mm' }] } }],
    ],
  ])('%s fires where it should and not just inside', (code, fires, doesNot) => {
    const finding = one(...fires).findings.find((each) => each.code === code);
    expect(finding?.says).toMatch(/^[A-Z].*\.$/);
    expect(codes(one(...doesNot))).not.toContain(code);
  });

  it('keeps what can be worked out when the height can’t be divided', () => {
    const bank = one({ path: 'BANK.drawers[0].height', value: '600 mm' });
    expect(bank.findings.find(({ code }) => code === 'DIVISION_IMPOSSIBLE')).toMatchObject({
      severity: 'stop',
      says: expect.stringContaining('86.0 mm') as string,
    });
    const [drawer] = planDocumentOf(bank);
    expect(drawer).toMatchObject({ box: { width: 574.6, length: 550 }, front: { width: 620 } });
    expect(drawer!.front).not.toHaveProperty('height');
    expect(bank.spacers).toEqual([]);
  });

  const planDocumentOf = (bank: BankPlan) =>
    planDocument({ unit: 'mm', step: 500_000 as never, cases: [{ id: 'c', name: 'c', path: '', banks: [bank] }] })
      .cases[0]!.banks[0]!.drawers;
});

describe('mounting', () => {
  it('spacers, both ways', () => {
    const bank = (order: string): BankPlan => one({ path: 'BANK.mounting', value: { rise: '30 mm', order } });
    const lower = bank('top-first').drawers.map((each) => mm(each, 'slide.lowerEdgeY')!);
    expect(bank('top-first').spacers.map(({ total }) => inMillimetres(total))).toEqual(lower);
    const [top = 0, middle = 0, bottom = 0] = lower;
    expect(bank('bottom-up').spacers.map(({ total }) => inMillimetres(total))).toEqual([
      bottom,
      middle - bottom - 45,
      top - middle - 45,
    ]);
  });

  it('E15: centre line 30 above the box, lower edge half of 45 below', () => {
    const [drawer] = one({ path: 'BANK.mounting', value: { rise: '30 mm' } }).drawers;
    expect(mm(drawer, 'slide.centreY')! - mm(drawer, 'box.bottomY')!).toBe(30);
    expect(mm(drawer, 'slide.centreY')! - mm(drawer, 'slide.lowerEdgeY')!).toBe(22.5);
  });
});

/** Random sound jobs over every family, joint, bottom, mount and scheme. */
const anyJob = fc.record({
  family: fc.constantFrom(...BUILT_IN.map(({ id }) => id)),
  joint: fc.constantFrom(...(Object.keys(CORNERS) as Joint[])),
  backJoint: fc.constantFrom(...(Object.keys(CORNERS) as Joint[])),
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
        allTallies(bank).forEach(({ total, terms }) =>
          expect(terms.reduce((sum, { amount }) => sum + amount, 0)).toBe(total),
        );
      }),
      { numRuns: 600 },
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
  const [ts, te] = [11_800_000, 11_800_000] as never[];
  const { corner, bottomFit } = bank.bank.box;
  const [width, length, wi, li] = [
    total('box.width'),
    total('box.length'),
    total('inside.width'),
    total('inside.length'),
  ];
  if ([side, front, back, width, length, wi, li].includes(undefined)) return;
  expect(front! - 2 * reachOf(corner, ts!) + 2 * (ts as number)).toBe(width);
  expect(back! - 2 * reachOf(corner.back!, ts!) + 2 * (ts as number)).toBe(width);
  expect(side! + lossOf(corner, te!) + lossOf(corner.back!, te!)).toBe(length);
  const [across, long] = [size('bottom', 'length')!, size('bottom', 'width')!];
  const [groove, play] = [6_000_000, 1_500_000];
  const expected = {
    captured: [wi! + 2 * groove - play, li! + 2 * groove - play],
    'slid-in': [wi! + 2 * groove - play, li! + groove + (te as number) - play],
    applied: [width, length],
    rabbeted: [wi! + 2 * groove - play, li! + 2 * groove - play],
  }[bottomFit];
  expect([across, long]).toEqual(expected);
}

function allTallies(bank: BankPlan): Tally[] {
  const ofDrawers = bank.drawers.flatMap(({ dimensions, parts }) => [
    ...Object.values(dimensions),
    ...parts.flatMap(({ length, width }) => [length, width].filter((each): each is Tally => each !== undefined)),
  ]);
  return [...ofDrawers, ...bank.spacers, bank.share, bank.opening.width];
}
