import fc from 'fast-check';
import { drawFace, drawSection, ENGLISH, frontSteps, millimetres, wordsIn } from '..';
import { patched, type Patch } from '../reading';
import { planDocument } from './document';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const DOOR = {
  ...{ id: 'o1', over: 'right', mount: 'overlay', top: '16 mm', bottom: '16 mm', left: '16 mm', right: '16 mm' },
  ...{ gap: '3 mm', material: 'ply18', hinge: { family: 'cup-110-full', side: 'left' } },
};
const FRAMELESS = {
  build: {
    ...{ width: '1000 mm', height: '900 mm', depth: '560 mm', panel: 'ply18' },
    joint: { kind: 'butt' },
    back: { kind: 'applied', material: 'ply6' },
  },
  layout: { id: 'front', across: [{ id: 'left', size: '300 mm' }, { id: 'right' }] },
};
const TRAYS = wholeBank('t1', 'right', 3, { front: { mount: 'none' }, behind: 'o1' });

function planned(bank: object = TRAYS, door: object = DOOR, over: object = FRAMELESS, patches: readonly Patch[] = []) {
  const document = patched(wholeJob({ style: 'frameless', ...over, doors: [door] }, [bank], { unit: 'mm' }), patches);
  const read = readJobDocument(JSON.parse(JSON.stringify(document)));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const [owner] = made.cases;
  const words = wordsIn(ENGLISH, { unit: read.job.unit, step: made.step });
  const [written] = planDocument(made, words).cases;
  return {
    bank: owner!.banks[0]!,
    written: written!.banks[0]!,
    findings: owner!.banks[0]!.findings,
    codes: owner!.banks[0]!.findings.map(({ code }) => code),
  };
}

const reading = (what: string, place: string, length: string, where: object) => ({
  ...{ id: `${what} ${place}`, kind: 'reading', at: '2026-11-28T09:00:00Z', what, place, length },
  ...where,
});
/** As built, with what was measured at the door and in the bank. */
const hung = (...log: readonly object[]) => hungOn(DOOR, { left: '17 mm' }, ...log);

function hungOn(door: object, pack: object, ...log: readonly object[]) {
  const bank = { ...TRAYS, basis: 'as-built', pack };
  const opening = { width: ['646 mm'], height: ['864 mm'], depth: ['554 mm'] };
  return planned({ ...bank, opening }, door, FRAMELESS, [{ path: 'log', value: log }]);
}
const AT_DOOR = { door: 'c1/o1' };

describe('what is measured back at a door', () => {
  it('counts in place of what its sheet says: hinges that stand in farther foul, and those that do not pass', () => {
    // 12 mm and a plate of 2: 17 mm of packing keep 3 mm clear.
    expect(hung().codes).not.toContain('HINGE_FOULS');
    const found = hung(reading('hinge', 'left', '18 mm', AT_DOOR)).findings.find(({ code }) => code === 'HINGE_FOULS')!;
    expect(found).toMatchObject({ severity: 'stop', params: { protrusion: 18e6, pack: 21e6 } });
    expect(found.because!.terms[0]!.from).toEqual({ kind: 'field', path: 'log[0].length' });
    // Within 3 mm of it is a warning; the newest reading counts.
    const again = [reading('hinge', 'left', '18 mm', AT_DOOR), reading('hinge', 'left', '16 mm', AT_DOOR)];
    const warned = hung(...again.map((each, index) => ({ ...each, id: String(index) }))).findings;
    expect(warned.find(({ code }) => code === 'HINGE_FOULS')).toMatchObject({ severity: 'warn' });
    expect(hung(reading('hinge', 'left', '12 mm', AT_DOOR)).codes).not.toContain('HINGE_FOULS');
    // Of a side it is not hinged on, and of no door at all.
    expect(hung(reading('hinge', 'right', '40 mm', AT_DOOR)).codes).not.toContain('HINGE_FOULS');
    expect(hung(reading('hinge', 'left', '40 mm', { door: 'c1/o9' })).codes).not.toContain('HINGE_FOULS');
    // Hinged on the right it is that side's that counts.
    const right = { ...DOOR, hinge: { ...DOOR.hinge, side: 'right' } };
    const onRight = (place: string) =>
      hungOn(right, { right: '17 mm' }, reading('hinge', place, '18 mm', AT_DOOR)).codes.includes('HINGE_FOULS');
    expect(['right', 'left'].map(onRight)).toEqual([true, false]);
  });

  it('counts hinges at the heights they hang at, one by one, over the opening’s edge', () => {
    const heights = (...ups: readonly string[]) =>
      hung(
        ...ups.map((up, index) => ({
          ...reading('hinge-y', 'left', up, { ...AT_DOOR, hinge: index + 1 }),
          id: String(index),
        })),
        { ...reading('hinge', 'left', '18 mm', AT_DOOR), id: 'in' },
      );
    const met = (of: ReturnType<typeof hung>) =>
      of.findings.flatMap(({ code, params }) => (code === 'HINGE_FOULS' ? [params] : []));
    // Over the highest slide there is none; a hinge is in the way 32 mm to each side of its middle.
    const [highest] = hung().bank.drawers;
    const top = (highest!.dimensions['slide.lowerEdgeY']!.total + highest!.family.profile) / 1e6;
    const clear = `${top + 32} mm`;
    expect(met(heights(clear, clear))).toEqual([]);
    expect(met(heights(clear, `${top + 31.9} mm`))).toMatchObject([{ hinge: 2, places: [0] }]);
    // One that was not measured stands where it was planned.
    expect(met(heights(clear))).toMatchObject([{ hinge: 2 }]);
  });

  it('stops trays that would meet the leaf as it hangs, whatever angle it was to open to', () => {
    expect(hung().codes).not.toContain('TRAY_HITS_DOOR');
    const edge = 17 + 12.7;
    expect(hung(reading('leaf', 'left', `${edge} mm`, AT_DOOR)).codes).not.toContain('TRAY_HITS_DOOR');
    const found = hung(reading('leaf', 'left', `${edge + 0.5} mm`, AT_DOOR)).findings;
    expect(found.find(({ code }) => code === 'TRAY_HITS_DOOR')).toMatchObject({
      severity: 'stop',
      params: { by: 500_000, measured: true },
      remedies: [{ code: 'pack-by', patches: [{ path: 'cases[0].banks[0].pack.left', value: '17.5 mm' }] }],
    });
  });

  it('takes packing as it was made for boxes not cut yet, and packs it anew by hand', () => {
    const made = hung(reading('packing', 'left', '18.5 mm', { bank: 'c1/t1' }));
    const width = (of: ReturnType<typeof hung>) => of.bank.drawers[0]!.dimensions['box.width']!;
    expect(width(hung()).total - width(made).total).toBe(1_500_000);
    expect(width(made).terms.map(({ from }) => from)).toContainEqual({ kind: 'field', path: 'log[0].length' });
    const thin = hung(reading('packing', 'left', '13 mm', { bank: 'c1/t1' }));
    expect(thin.findings.find(({ code }) => code === 'HINGE_FOULS')).toMatchObject({ severity: 'stop', remedies: [] });
  });
});

describe('trays behind a door', () => {
  it('have no faces, and share out the opening itself', () => {
    const { bank, written } = planned();
    const { height, width } = bank.opening;
    const drawers = bank.drawers.map(({ dimensions }) => dimensions);
    expect(drawers.reduce((sum, each) => sum + each['bay.height']!.total, 0)).toBe(height.total);
    expect(bank.drawers.flatMap(({ parts }) => parts.map(({ role }) => role))).not.toContain('drawer-front');
    expect(written.drawers[0]).not.toHaveProperty('front');
    // Two slides of 1/2 in off the opening's width.
    expect(drawers[0]!['box.width']!.total).toBe(width.total - 25_400_000);
  });

  it('are packed: box, slides and stock behind them follow', () => {
    const { bank } = planned({ ...TRAYS, pack: { left: '19 mm' } });
    expect(bank.drawers[0]!.dimensions['box.width']!.total).toBe(bank.opening.width.total - 19e6 - 25_400_000);
    expect([bank.buildOut!.left.wanted, bank.buildOut!.right.wanted]).toEqual([19e6, 0]);
  });

  it('begin behind the front, or behind a door that is set in, which the slide’s length counts in', () => {
    const setback = (more: object, door = {}) =>
      planned({ ...TRAYS, front: { mount: 'none', ...more } }, { ...DOOR, ...door }).bank.drawers[0]!;
    expect(setback({}).dimensions['slide.setback']!.total).toBe(3e6);
    expect(setback({ setBehind: '10 mm' }).dimensions['slide.setback']!.total).toBe(10e6);
    const inset = setback({}, { mount: 'inset', left: '2 mm', hinge: { family: 'cup-110-inset' } });
    expect(inset.dimensions['slide.setback']!.total).toBe(20_700_000);
    expect(inset.nominal).toBeLessThanOrEqual(setback({}).nominal!);
    // A slide's own set-back that is more stays: 3 mm for those under the box.
    const under = planned({ ...TRAYS, slide: { family: 'tray-base' }, front: { mount: 'none', setBehind: '0 mm' } });
    expect(under.bank.drawers[0]!.dimensions['slide.setback']!.total).toBe(3e6);
  });

  it('have fronts lower than their backs, or wider than the box', () => {
    const parts = (front: object) => {
      const { parts: all } = planned({ ...TRAYS, front: { mount: 'none', ...front } }).bank.drawers[0]!;
      return Object.fromEntries(all.map(({ role, length, width }) => [role, [length!.total, width!.total]]));
    };
    const plain = parts({});
    expect(parts({ dip: '25 mm' })['box-front']![1]).toBe(plain['box-front']![1]! - 25e6);
    expect(parts({ dip: '25 mm' })['back']).toEqual(plain['back']);
    const wide = parts({ over: '12 mm' });
    const width = planned().bank.drawers[0]!.dimensions['box.width']!.total;
    expect(wide['box-front']![0]).toBe(width + 24e6);
    // The sides end at it: its 11.8 mm.
    expect(wide['side']![0]).toBe(plain['side']![0]! - 11_800_000);
  });

  it('stand at heights set by hand', () => {
    const drawers = [{ id: 'd1' }, { id: 'd2', y: '200 mm' }, { id: 'd3' }];
    const { bank } = planned({ ...TRAYS, drawers, division: { scheme: 'equal', increment: '1 mm' } });
    expect(bank.drawers[1]!.dimensions['bay.bottomY']!.total).toBe(200e6);
    expect(bank.drawers[2]!.dimensions['bay.bottomY']!.total).toBe(0);
  });

  it('on slides that stand on a floor: 5 mm a side, 16 below, 6 above: common practice', () => {
    const { bank } = planned({ ...TRAYS, slide: { family: 'tray-base' } });
    const { dimensions: of } = bank.drawers[2]!;
    expect(of['box.width']!.total).toBe(bank.opening.width.total - 10e6);
    expect(of['box.bottomY']!.total).toBe(16e6);
    expect(of['box.height']!.total).toBe(of['bay.height']!.total - 22e6);
  });
});

describe('what doors do to trays', () => {
  // Full overlay of 16 mm: a plate of 2, so 12 + 2 stand in the opening.
  const packed = (pack: string) => planned({ ...TRAYS, pack: { left: pack } });

  it('a hinge fouls a slide under its own protrusion; nearer than 3 mm past it is to be checked', () => {
    const of = (pack: string) => packed(pack).findings.find(({ code }) => code === 'HINGE_FOULS')?.severity;
    expect([of('0 mm'), of('13.9 mm'), of('14 mm'), of('16.9 mm'), of('17 mm')]).toEqual([
      ...['stop', 'stop', 'warn', 'warn'],
      undefined,
    ]);
  });

  it('its remedy packs that side out, and every box behind the door follows', () => {
    const { findings } = planned();
    const [remedy] = findings.find(({ code }) => code === 'HINGE_FOULS')!.remedies!;
    const after = planned(TRAYS, DOOR, FRAMELESS, remedy!.patches);
    expect(after.codes).not.toContain('HINGE_FOULS');
    // 14 and, with no sheet in hand, 5 more.
    expect(after.bank.bank.pack).toEqual({ left: 19e6 });
    expect(planned(TRAYS, { ...DOOR, hinge: { family: 'cup-165-full', side: 'left' } }).codes).not.toContain(
      'HINGE_FOULS',
    );
  });

  it('never overlap unreported, whatever is packed and however the trays are divided', () => {
    const any = fc.record({ pack: fc.integer({ min: 0, max: 30 }), count: fc.integer({ min: 1, max: 5 }) });
    fc.assert(
      fc.property(any, ({ pack, count }) => {
        const bank = {
          ...wholeBank('t1', 'right', count, { front: { mount: 'none' }, behind: 'o1' }),
          pack: { left: `${pack} mm` },
        };
        const { bank: made, codes } = planned(bank);
        const zones = [76.2, 900 - 2 * 17.7 + 32 - 76.2].map((at) => [at - 16 - 32, at - 16 + 32] as const);
        const met = made.drawers.some(({ dimensions: of, family }) => {
          const edge = of['slide.lowerEdgeY']!.total / 1e6;
          return zones.some(([from, to]) => edge < to && edge + family.profile / 1e6 > from) && pack < 14;
        });
        if (met) expect(codes).toContain('HINGE_FOULS');
      }),
      { numRuns: 40 },
    );
  });

  it('a leaf that opens less than square stands in their way', () => {
    expect(planned({ ...TRAYS, pack: { left: '19 mm' } }, { ...DOOR, opens: 89 }).codes).not.toContain(
      'TRAY_HITS_DOOR',
    );
    expect(planned({ ...TRAYS, pack: { left: '19 mm' } }, { ...DOOR, opens: 85 }).codes).toContain('TRAY_HITS_DOOR');
    expect(planned({ ...TRAYS, pack: { left: '19 mm' } }, { ...DOOR, opens: 90 }).codes).not.toContain(
      'TRAY_HITS_DOOR',
    );
  });

  it('so does the thickness of one set in, until it opens flat', () => {
    const gaps = { top: '3 mm', bottom: '3 mm', left: '3 mm', right: '3 mm' };
    const inset = (opens: number, packed = '0 mm', patches: readonly Patch[] = []) =>
      planned(
        { ...TRAYS, pack: { left: packed } },
        { ...DOOR, ...gaps, mount: 'inset', hinge: { family: 'butt', side: 'left' }, opens },
        FRAMELESS,
        patches,
      ).findings.filter(({ code }) => code === 'TRAY_HITS_DOOR');
    // At 110°: 17.7 · sin 110° and the gap of 3 stand in 19.63; a slide of 12.7 is beside the box.
    expect(inset(110, '7 mm')).toEqual([]);
    const [found] = inset(110, '6.9 mm');
    expect(found!.params).toMatchObject({ by: 32_559 });
    expect(found!.remedies!.map(({ code }) => code)).toEqual(['opens-to', 'pack-by']);
    for (const { patches } of found!.remedies!) expect(inset(110, '6.9 mm', patches)).toEqual([]);
    expect(inset(180)).toEqual([]);
  });

  it('slides on a floor under the frame’s edge want raising', () => {
    const framed = (frame: object, drawer: object = {}) => {
      const build = { ...WHOLE_CASE.build, frame: { ...WHOLE_CASE.build.frame, ...frame } };
      const bank = {
        ...TRAYS,
        compartment: 'lower',
        slide: { family: 'tray-base' },
        drawers: [{ id: 'd1', ...drawer }],
      };
      return planned(
        bank,
        { ...DOOR, over: 'lower', hinge: { family: 'cup-frame' } },
        { ...WHOLE_CASE, build, style: 'face-frame' },
      ).codes;
    };
    // A bottom of 17.7 mm: a rail of 1 1/2 in stands over it, one of 18.7 by 1 mm.
    expect(framed({})).toContain('LIP');
    expect(framed({}, { y: '0 mm' })).not.toContain('LIP');
    expect(framed({ bottomRail: '18.7 mm' })).not.toContain('LIP');
    expect(framed({ bottomRail: '18.8 mm' })).toContain('LIP');
  });
});

describe('ways of making boxes', () => {
  const front = {
    mount: 'overlay',
    top: '0 in',
    bottom: '0 in',
    left: '8 mm',
    right: '8 mm',
    gap: '3 mm',
    material: 'ash19',
  };
  const BANK = wholeBank('b1', 'right', 2, {
    front,
    slide: { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm' },
  });
  const made = (over: object) => planned({ ...BANK, ...over }, { ...DOOR, over: 'left' }).bank.drawers[0]!;
  const part = (over: object, role: string) => made(over).parts.find((each) => each.role === role);
  const box = (more: object) => ({ box: { ...BANK.box, ...more } });

  it('a length apart from the slide', () => {
    expect(made(box({ length: '450 mm' })).dimensions['box.length']!.total).toBe(450e6);
    const under = made({ ...box({ length: '450 mm' }), slide: { family: 'undermount-16', lengths: 'mm' } });
    expect(under.dimensions['box.length']!.total).toBe(under.nominal! - 10e6);
  });

  it('housed ends stand in by what is told, mitred ones are as long as the box is wide: common practice', () => {
    const plain = made({}).dimensions;
    const housed = box({ corner: { joint: 'housed', depth: '6 mm', short: '10 mm' } });
    expect(part(housed, 'side')!.length!.total).toBe(500e6);
    expect(part(housed, 'back')!.length!.total).toBe(plain['inside.width']!.total + 12e6);
    expect(made(housed).dimensions['inside.length']!.total).toBe(plain['inside.length']!.total - 20e6);
    // Each end's dado: how deep, as wide as the end is thick, and how far in, each with where it is written.
    const dados = (over: object) =>
      made(over)
        .machining.filter(({ role, kind }) => role === 'side' && kind === 'dado')
        .map(({ where, sizes }) => [
          where,
          ...['depth', 'width', 'in'].map((name) => sizes[name]!.total / 1e6),
          JSON.stringify(sizes['depth']!.terms[0]!.from),
        ]);
    const thick = made(housed).parts.find(({ role }) => role === 'back')!.thickness / 1e6;
    expect(dados(housed)).toEqual([
      ['front end', 6, thick, 10, expect.stringContaining('box.corner.depth')],
      ['back end', 6, thick, 10, expect.stringContaining('box.corner.depth')],
    ]);
    const back = { joint: 'housed', depth: '4 mm', short: '12 mm' };
    expect(dados(box({ corner: { joint: 'housed', depth: '6 mm', short: '10 mm', back } }))).toEqual([
      ['front end', 6, thick, 10, expect.stringContaining('box.corner.depth')],
      ['back end', 4, thick, 12, expect.stringContaining('box.corner.back.depth')],
    ]);
    const mitred = box({ corner: { joint: 'mitre' } });
    expect(part(mitred, 'box-front')!.length!.total).toBe(plain['box.width']!.total);
    expect(part(mitred, 'side')!.length!.total).toBe(500e6);
  });

  it('stock that comes in heights: the greatest the bay allows; a back of its own height', () => {
    const greatest = made({}).dimensions['box.height']!.total;
    const heights = ['100 mm', '150 mm', '120 mm', `${(greatest + 1) / 1e6} mm`];
    expect(made(box({ heights })).dimensions['box.height']!.total).toBe(150e6);
    expect(part(box({ backHeight: '70 mm' }), 'back')!.width!.total).toBe(70e6);
  });

  it('the face as the box’s own front: two sides, a back, a bottom, the face', () => {
    const own = { front: { ...front, asBox: true } };
    expect(made(own).parts.map(({ role }) => role)).toEqual(['side', 'back', 'bottom', 'drawer-front']);
    expect(part(own, 'side')!.length!.total).toBe(500e6);
    // Only the back of 11.8 mm off its inside.
    expect(made(own).dimensions['inside.length']!.total).toBe(500e6 - 11_800_000);
  });

  it('a slide cut down is shorter, travels less and carries half', () => {
    const cut = made({ slide: { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm', cut: '50 mm' } });
    expect(cut.dimensions['box.length']!.total).toBe(450e6);
    expect(cut.dimensions['slide.travel']!.total).toBe(450e6);
    expect(cut.family.load_kg).toBe(22.5);
  });

  it('edges as reveals from the member’s outer edge, or short of the opening', () => {
    const lapped = (edges: object) =>
      planned({ ...BANK, front: { ...front, ...edges } }, { ...DOOR, over: 'left' }).bank.bank.front;
    // Sides of 17.7 mm, seen 3 mm; half of what stands between two columns is the divider, whole.
    expect(lapped({ reveals: { right: '3 mm' } }).right).toBe(millimetres(14.7));
    expect(lapped({ reveals: { left: '3 mm' } }).left).toBe(millimetres(14.7));
    const short = planned({ ...BANK, front: { ...front, top: '-4 mm' } }, { ...DOOR, over: 'left' }).bank;
    expect(short.share.total).toBe(short.opening.height.total - 4e6 - 3e6);
  });
});

describe('what is said of such boxes', () => {
  const front = {
    mount: 'overlay',
    top: '0 in',
    bottom: '0 in',
    left: '8 mm',
    right: '8 mm',
    gap: '3 mm',
    material: 'ash19',
  };
  const slide = { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm' };
  const BANK = wholeBank('b1', 'right', 2, { front, slide });
  const said = (over: object, patches: readonly Patch[] = []) =>
    planned({ ...BANK, ...over }, { ...DOOR, over: 'left' }, FRAMELESS, patches);
  const box = (more: object) => ({ box: { ...BANK.box, ...more } });
  // A case 560 deep with a back of 5.6 on it; 2 before the slide, 3 behind.
  const cases: readonly (readonly [code: string, over: object, under: object])[] = [
    ['BOX_LENGTH_WRONG', box({ length: '549.5 mm' }), box({ length: '549.4 mm' })],
    ['BOX_LENGTH_WRONG', box({ length: '499.9 mm' }), box({ length: '500 mm' })],
    ['SLIDE_CUT', { slide: { ...slide, cut: '20 mm' } }, { slide }],
    ['STOCK_TOO_HIGH', box({ heights: ['500 mm'] }), box({ heights: ['500 mm', '100 mm'] })],
  ];

  it.each(cases)('%s on the one side of its limit and not on the other, and mended', (code, over, under) => {
    expect(said(under).codes).not.toContain(code);
    const finding = said(over).findings.find((each) => each.code === code)!;
    expect(finding.remedies!.length).toBeGreaterThan(0);
    for (const { patches } of finding.remedies!) expect(said(over, patches).codes).not.toContain(code);
  });
});

describe('a tray has no front', () => {
  it('so nothing is said of one, drawn of one, or hung of one', () => {
    const { bank, codes } = planned({ ...TRAYS, pack: { left: '19 mm' } });
    for (const code of ['REVEAL_TOO_TIGHT', 'FRONT_TOO_LOW', 'BOX_OVER_FRONT']) expect(codes).not.toContain(code);
    expect(frontSteps(bank)).toEqual([]);
    const drawn = drawFace(bank).shapes.filter(({ role }) => role === 'front');
    // Its box, off the middle by half of what is packed on one side.
    const [tray] = drawn as readonly { x: number; width: number }[];
    expect(tray!.x + tray!.width / 2).toBeCloseTo(bank.opening.width.total / 2e6 + 9.5, 6);
    expect(drawSection(bank, 'd1')!.shapes.some(({ role }) => role === 'front')).toBe(false);
  });
});

describe('framed drawer fronts', () => {
  it('keep a quarter of their thickness beside the groove', () => {
    const frame = { stile: '40 mm', groove: '9 mm', play: '3 mm', panel: 'ply6' };
    const of = (grooveWidth: string, patches: readonly Patch[] = []) => {
      const front = {
        ...{ mount: 'overlay', top: '0 in', bottom: '0 in', left: '8 mm', right: '8 mm', gap: '3 mm' },
        ...{ material: 'ash19', frame: { ...frame, grooveWidth } },
      };
      return planned(wholeBank('b1', 'right', 2, { front }), { ...DOOR, over: 'left' }, FRAMELESS, patches);
    };
    expect(of('9.5 mm').codes).not.toContain('FRAME_WALL_THIN');
    const [thin] = of('9.6 mm').findings.filter(({ code }) => code === 'FRAME_WALL_THIN');
    expect(of('9.6 mm', thin!.remedies![0]!.patches).codes).not.toContain('FRAME_WALL_THIN');
  });
});

describe('hanging files', () => {
  it('want an inside size as wide as their rails, across or front to back', () => {
    const box = { ...TRAYS.box, length: '336 mm' };
    const of = (inside: string) => {
      const width = { ...FRAMELESS, layout: { id: 'front', across: [{ id: 'left' }, { id: 'right', size: inside }] } };
      const contents = [{ name: 'Tide tables', height: '100 mm', files: 'a4' }];
      const drawers = [{ id: 'd1', contents }];
      const bank = { ...TRAYS, box, slide: { family: 'side-ball-bearing', length: '300 mm', lengths: 'mm' }, drawers };
      return planned({ ...bank, pack: { left: '19 mm' } }, DOOR, width).codes;
    };
    // 330 and two sides of 11.8, two slides of 12.7, 19 packed; front to back only 312.4.
    expect(of('398.1 mm')).not.toContain('FILES_TOO_NARROW');
    expect(of('397.9 mm')).toContain('FILES_TOO_NARROW');
  });
});
