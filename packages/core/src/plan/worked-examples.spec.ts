import fc from 'fast-check';
import { divide } from '../division';
import { equalFronts, equalOpenings } from '../fronts';
import type { Patch } from '../reading';
import { inches, inMillimetres, millimetres } from '../length';
import { growth, movementOf } from '../timber';
import { inch, mm, one, part } from './plan.spec-data';

// Common practice: whole boxes and banks by their sums, the figures of their slides entered as own rows.
describe('worked examples', () => {
  const own = (row: object): Patch => ({ path: 'slides', value: [{ id: 'own', ...row }] });
  const family = { path: 'BANK.slide', value: { family: 'own' } };
  const opening = (width: string, height: string, depth: string): Patch => ({
    path: 'BANK.opening',
    value: { width: [width], height: [height], depth: [depth] },
  });
  const single = { path: 'BANK.drawers', value: [{ id: 'd1' }] };

  // 15 − 1 21/32 + 2 × 5/8 = 14 19/32, and with 1/2: 14 11/32.
  it('undermount, inside width governs', () => {
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

  // 564 − 42 + 2 × 15 = 552; + 2 × 12 = 546; 564 − 49 + 2 × 18 = 551.
  it('sides of 15 and 12 in the 16 class, 18 in the 19 class', () => {
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

  // 12 1/2 − 2 × 1/2 = 11 1/2; 6 − 1/4 − 3/4 = 5.
  it('roller under the corner, 6 in high', () => {
    const row = own({ like: 'roller-corner', bottom: '1/4 in', top: '3/4 in' });
    const bank = one(row, family, opening('12 1/2 in', '6 in', '500 mm'), single);
    expect([mm(bank.drawers[0], 'box.width'), mm(bank.drawers[0], 'box.height')]).toEqual([inch(11.5), inch(5)]);
  });

  // Common practice: the corner roller is fixed at the box's lower edge, whatever the rise says.
  it.each([undefined, 'third', '60 mm'])(
    'hangs a corner roller at the lower edge of its box, with a rise of %s',
    (rise) => {
      const roller = { path: 'BANK.slide.family', value: 'roller-corner' };
      const bank = one(roller, ...(rise === undefined ? [] : [{ path: 'BANK.mounting', value: { rise } }]));
      for (const drawer of bank.drawers) {
        expect(mm(drawer, 'slide.lowerEdgeY')).toBe(mm(drawer, 'box.bottomY'));
        expect(mm(drawer, 'slide.centreY')).toBe((mm(drawer, 'box.bottomY') ?? 0) + 20);
      }
      expect(bank.spacers.map(({ total }) => total)).toEqual(
        bank.drawers.map(({ dimensions }) => dimensions['box.bottomY']?.total),
      );
    },
  );

  it('side-hung, 1 mm each side', () => {
    const bank = one(own({ like: 'side-hung', side: '1 mm' }), family, opening('400 mm', '120 mm', '500 mm'), single);
    expect([mm(bank.drawers[0], 'box.width'), mm(bank.drawers[0], 'box.height')]).toEqual([398, 114]);
  });

  // 14 − 2 × 1/8 = 13 3/4; 4 1/2 − 3/16 − 1/4 = 4 1/16.
  it('centre-mount', () => {
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

  /** A case of 600 × 720 × 560, panels of 18; overlay 3 under the worktop, 15 down over the bottom. */
  const kit: Patch[] = [
    opening('564 mm', '684 mm', '542 mm'),
    {
      path: 'BANK.front',
      value: {
        mount: 'overlay',
        top: '15 mm',
        bottom: '18 mm',
        left: '16.5 mm',
        right: '16.5 mm',
        gap: '3 mm',
        material: 'front',
      },
    },
    {
      path: 'BANK.drawers',
      value: [{ id: 'd1', height: '141 mm' }, { id: 'd2' }, { id: 'd3' }, { id: 'd4' }],
    },
    { path: 'BANK.division', value: { scheme: 'equal', increment: '1 mm' } },
    { path: 'materials[0].thickness', value: '15 mm' },
    { path: 'materials[1].thickness', value: '6 mm' },
  ];
  const side26 = own({ like: 'side-ball-bearing', side: '13 mm', top: '6.5 mm', bottom: '9.5 mm' });

  // 684 + 15 + 18 − 3 × 3 = 708; 708 − 141 = 3 × 189; 564 − 2 × 13 = 538.
  it('side-mount, full overlay: fronts, box width and length', () => {
    const bank = one(side26, family, ...kit);
    expect(bank.drawers.map((drawer) => mm(drawer, 'front.height'))).toEqual([141, 189, 189, 189]);
    expect(mm(bank.drawers[0], 'front.width')).toBe(597);
    expect(mm(bank.drawers[1], 'box.width')).toBe(538);
    expect(mm(bank.drawers[1], 'box.length')).toBe(500);
    // Box heights: bay 192, clear 26 + 8 from front to box less half gaps.
    expect(mm(bank.drawers[1], 'bay.height')! - mm(bank.drawers[1], 'box.height')!).toBe(16);
  });

  it('a cherry chest: the bottom side’s growth and its clear heights', () => {
    const cherry = movementOf({ id: 'c', name: 'c', kind: 'solid', species: 'cherry-black', thickness: inches(1) });
    // 7.75 × 0.00248 × 4 = 0.077 in.
    expect(growth(inches(31, 4), cherry.coefficient, 4) / 25_400_000).toBeCloseTo(0.07688, 5);
    const row = own({ like: 'wood-runner', side: '1/32 in' });
    const bank = one(row, family, opening('36 in', '34 in', '20 in'));
    expect(mm(bank.drawers[0], 'box.width')).toBe(inch(35 + 15 / 16));
  });

  it('the batten’s groove, 8 − 1 + 0.5', () => {
    const [drawer] = one(own({ like: 'side-hung', side: '1 mm' }), family).drawers;
    expect(mm(drawer, 'runner.groove')).toBe(7.5);
    expect(drawer!.machining.find(({ kind }) => kind === 'batten-groove')?.sizes['depth']?.total).toBe(7_500_000);
  });

  // 564 − 2 × 17 = 530; 333 − 32 − 12 − 5 = 284.
  it('a tray behind doors: width by what the hinges leave, room above it', () => {
    const row = own({ like: 'side-light', side: '17 mm', bottom: '32 mm', top: '0 mm' });
    const [tray] = one(
      row,
      family,
      opening('564 mm', '333 mm', '542 mm'),
      single,
      {
        path: 'materials[1].thickness',
        value: '12 mm',
      },
      { path: 'BANK.box.groove.offset', value: '0 mm' },
    ).drawers;
    expect(mm(tray, 'box.width')).toBe(530);
    // 5 of it is kept as air.
    expect(mm(tray, 'inside.clearHeight')! - 5).toBe(284);
  });

  // 800 − 2 × 19.5 = 761; 260 − 16 = 244, down to 240.
  it('tools: an 800 opening on heavy slides, and slides of 45 kg that do not carry it', () => {
    const row = (like: string) => own({ like, side: '19.5 mm', top: '8 mm', bottom: '8 mm', maxWidth: '900 mm' });
    const tools = {
      path: 'BANK.drawers',
      value: [{ id: 'd1', contents: [{ name: 'tools', height: '100 mm', weight_kg: 88 }] }],
    };
    const bank = (like: string) =>
      one(row(like), family, opening('800 mm', '260 mm', '620 mm'), tools, {
        path: 'BANK.box.heightStep',
        value: '5 mm',
      });
    const [drawer] = bank('side-heavy').drawers;
    expect([mm(drawer, 'box.width'), mm(drawer, 'box.height')]).toEqual([761, 240]);
    const over = (like: string) => bank(like).findings.filter(({ code }) => code === 'LOAD_OVER');
    expect(over('side-ball-bearing')).toMatchObject([{ severity: 'stop' }]);
    expect(over('side-heavy').every(({ severity }) => severity !== 'stop')).toBe(true);
  });

  // 900 − 2 × 2 − 5 × 2 = 886, shared 1 : 1.15 : 1.15² ….
  it('boxes of a geometric bank', () => {
    const bank = one(
      own({ like: 'side-ball-bearing', top: '8 mm', bottom: '8 mm' }),
      family,
      opening('600 mm', '900 mm', '560 mm'),
      {
        path: 'BANK.front',
        value: {
          mount: 'inset',
          top: '2 mm',
          bottom: '2 mm',
          left: '2 mm',
          right: '2 mm',
          gap: '2 mm',
          material: 'front',
        },
      },
      { path: 'BANK.division', value: { scheme: 'ratio', ratio: 1.15, increment: '1 mm' } },
      { path: 'BANK.drawers', value: ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => ({ id })) },
    );
    expect(bank.drawers.map((drawer) => mm(drawer, 'front.height'))).toEqual([101, 116, 134, 154, 177, 204]);
  });

  // 70 1/2 − 2 × 3/4 = 69 = 3 × 23; (69 + 1 3/8 + 1 1/4) ÷ 3 = 23 7/8.
  it('three banks on shared partitions: openings alike or fronts alike', () => {
    const shared = {
      inside: inches(141, 2),
      count: 3,
      divider: inches(3, 4),
      gap: inches(1, 8),
      lapLeft: inches(11, 16),
      lapRight: inches(11, 16),
    };
    expect(equalOpenings(shared)).toEqual({
      openings: [23, 23, 23].map((each) => inches(each)),
      fronts: [inches(24), inches(189, 8), inches(24)],
    });
    expect(equalFronts(shared)).toEqual({
      fronts: [191, 191, 191].map((each) => inches(each, 8)),
      openings: [inches(183, 8), inches(93, 4), inches(183, 8)],
    });
  });

  it('rails of 1 1/2 and laps of 1/2: fronts 6, 10 1/2, 10 1/2', () => {
    const bank = one(
      opening('20 in', '27 in', '22 in'),
      { path: 'BANK.rail', value: '1 1/2 in' },
      {
        path: 'BANK.front',
        value: {
          mount: 'overlay',
          top: '1/2 in',
          bottom: '1/2 in',
          left: '1/2 in',
          right: '1/2 in',
          gap: '1/2 in',
          material: 'front',
        },
      },
      { path: 'BANK.division', value: { scheme: 'manual' } },
      { path: 'BANK.drawers', value: [{ id: 'a', height: '6 in' }, { id: 'b', height: '10 1/2 in' }, { id: 'c' }] },
    );
    expect(bank.drawers.map((drawer) => mm(drawer, 'front.height'))).toEqual([6, 10.5, 10.5].map(inch));
    expect(bank.drawers.map((drawer) => mm(drawer, 'bay.height'))).toEqual([5, 9.5, 9.5].map(inch));
  });

  it('a box height step of a joint’s pitch, 7/8: 4 3/16 goes down to 3 1/2', () => {
    const bank = one(
      own({ like: 'side-ball-bearing', top: '0 mm', bottom: '0 mm' }),
      family,
      opening('20 in', '4 3/16 in', '22 in'),
      single,
      { path: 'BANK.box.heightStep', value: '7/8 in' },
    );
    expect(mm(bank.drawers[0], 'box.height')).toBe(inch(3.5));
  });

  // 708 − (120 + 137 + 167 + 232) = 52, a quarter of it 13.
  it('by contents, what is spare shared 0 : 1 : 1 : 2', () => {
    const needs = [120, 137, 167, 232].map(millimetres);
    const division = divide({
      total: millimetres(708),
      choice: { scheme: 'contents', needs, shares: [0, 1, 1, 2] },
      groups: [0, 1, 2, 3].map((place) => ({ members: [place] })),
      increment: millimetres(1),
      makeup: 3,
      needs,
    });
    expect(division).toMatchObject({ heights: [120, 150, 180, 258].map(millimetres) });
  });

  it('slide lines and spacers of that case, the centre 30 above the box', () => {
    // 26 from a front's lower edge to its box, 8 above.
    const bank = one(side26, family, ...kit, { path: 'BANK.mounting', value: { rise: '30 mm' } });
    const centres = bank.drawers.map((drawer) => mm(drawer, 'slide.centreY')!);
    const pitches = centres.slice(1).map((centre, index) => (centres[index] ?? 0) - centre);
    // A pitch of 192 = 6 × 32, but for the bottom bay, which ends at the floor.
    expect(pitches.slice(0, 2)).toEqual([192, 192]);
    expect(bank.spacers.map(({ total }) => inMillimetres(total))).toEqual(centres.map((centre) => centre - 22.5));
  });

  it('common practice: the check values a builder knows by heart', () => {
    const wide = (width: string) => mm(one(opening(width, '500 mm', '560 mm')).drawers[0], 'box.width');
    expect(wide('42 5/8 in')).toBe(inch(41 + 5 / 8));
    const ends = one(
      opening('600 mm', '500 mm', '24 in'),
      own({ like: 'wood-runner' }),
      { path: 'BANK.slide', value: { family: 'own', length: '23 in' } },
      { path: 'BANK.box.corner', value: { joint: 'butt-ends-run' } },
      { path: 'materials[0].thickness', value: '1/2 in' },
    );
    expect(part(ends.drawers[0], 'side')[0]).toBe(inch(22));
    const inset = one({
      path: 'BANK.front',
      value: {
        mount: 'inset',
        top: '1/16 in',
        bottom: '1/16 in',
        left: '1/16 in',
        right: '1/16 in',
        gap: '1/16 in',
        material: 'front',
      },
    });
    expect(mm(inset.drawers[0], 'front.width')).toBe(600 - inch(1 / 8));
    // Undermount: bottom up half an inch, box about an inch under its opening, as long as a 21 in slide.
    const under = one(
      { path: 'BANK.slide', value: { family: 'undermount-16', lengths: 'in' } },
      opening('15 in', '5 in', '23 1/4 in'),
      single,
    ).drawers[0]!;
    expect(Math.abs((under.family.recess ?? 0) / 25_400_000 - 1 / 2)).toBeLessThan(1 / 64);
    expect(5 - (mm(under, 'box.height') ?? 0) / 25.4).toBeCloseTo(0.8, 1);
    expect(mm(under, 'box.length')).toBe(inch(21));
    const runner = one({ path: 'BANK.slide.family', value: 'wood-runner' }).drawers[0]!.family;
    expect([runner.side, runner.top]).toEqual([inches(1, 16), inches(1, 16)]);
  });

  it('common practice: the longest slide that fits leaves its set-back and rear', () => {
    fc.assert(
      fc.property(fc.integer({ min: 260, max: 900 }), (depth) => {
        const [drawer] = one(opening('600 mm', '500 mm', `${depth} mm`)).drawers;
        const nominal = (drawer!.nominal ?? 0) / 1e6;
        expect(nominal + 5).toBeLessThanOrEqual(depth);
        expect(nominal === 700 || nominal + 50 + 5 > depth).toBe(true);
      }),
    );
  });
});
