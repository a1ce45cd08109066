import { patched, type Patch } from '../reading';
import { sample } from '../job/sample.spec-data';
import { banks, one, IN_ENGLISH, told } from './plan.spec-data';
import type { BankPlan } from './types';

const at = (field: string, value: unknown): Patch => ({ path: `BANK.${field}`, value });
const job = (path: string, value: unknown): Patch => ({ path, value });
const framed = job('cases[0].style', 'face-frame');
const stock = (...thicknesses: string[]): Patch =>
  job('materials', [
    ...sample.materials,
    ...thicknesses.map((thickness, index) => ({ id: `s${index}`, name: `strip ${index}`, kind: 'solid', thickness })),
  ]);
const inset = at('front', {
  mount: 'inset',
  top: '3 mm',
  bottom: '3 mm',
  left: '3 mm',
  right: '3 mm',
  gap: '3 mm',
  material: 'front',
});
const frame = (more: object = {}): Patch[] => [
  at('front.frame', { stile: '50 mm', groove: '8 mm', play: '2 mm', panel: 'ply6', ...more }),
];
const pull = (more: object): Patch => at('front.pull', { school: 'centre', purchase: '8 mm', ...more });
/** Laps of 10 and 10 with the gap of 3 want a divider of 23. */
const beside = (divider: string, right: object = {}): Patch[] => {
  const [bank] = sample.cases[0]!.banks;
  const other = { ...bank!, id: 'b2', name: 'Right', front: { ...bank!.front, ...right } };
  return [job('cases[0].banks', [bank, other]), job('cases[0].divider', divider)];
};

/** Code, severity, where it fires, just inside, and how many remedies it offers. */
const STOPS: [string, string, Patch[], Patch[], number][] = [
  ['FRONTS_COLLIDE', 'stop', beside('22.999 mm'), beside('23 mm'), 2],
  ['FRONTS_COLLIDE', 'stop', beside('18 mm'), beside('18 mm', { left: '5 mm' }), 1],
  // One gap of two is enough: the lesser of what the two want.
  ['FRONTS_COLLIDE', 'stop', beside('21.999 mm', { gap: '2 mm' }), beside('22 mm', { gap: '2 mm' }), 2],
  // Every divider by itself: the bank's own before the case's.
  [
    'FRONTS_COLLIDE',
    'stop',
    [...beside('40 mm'), job('cases[0].banks[0].divider', '22.999 mm')],
    [...beside('18 mm'), job('cases[0].banks[0].divider', '23 mm')],
    2,
  ],
  // A side of 10, or a wall as near as that.
  [
    'FRONTS_COLLIDE',
    'stop',
    [job('cases[0].ends', { left: '9.999 mm' })],
    [job('cases[0].ends', { left: '10 mm' })],
    1,
  ],
  ['FRONTS_COLLIDE', 'stop', [job('cases[0].ends', { right: '4 mm' })], [job('cases[0].ends', { left: '10 mm' })], 1],
  // An inset neighbour stands back from the divider by its own gap.
  [
    'FRONTS_COLLIDE',
    'stop',
    beside('9.999 mm', { mount: 'inset', left: '3 mm' }),
    beside('10 mm', { mount: 'inset', left: '3 mm' }),
    2,
  ],
  [
    'FRONTS_COLLIDE',
    'stop',
    [inset, at('rail', '19 mm'), at('front.gap', '18.999 mm')],
    [inset, at('rail', '19 mm'), at('front.gap', '19 mm')],
    1,
  ],
  // The ball bearing slide forgives 1/16 in, 1.5875 mm: half of it warns, over it stops.
  [
    'BUILD_OUT_OFF',
    'warn',
    [framed, at('buildOut', { left: '18.8 mm', right: '18.4 mm' }), stock('18 mm')],
    [framed, at('buildOut', { left: '18.4 mm', right: '18.39 mm' }), stock('18 mm')],
    2,
  ],
  [
    'BUILD_OUT_OFF',
    'stop',
    [framed, at('buildOut', { left: '18.8 mm', right: '18.79 mm' }), stock('18 mm')],
    [framed, at('buildOut', { left: '18.8 mm', right: '18.79 mm' }), stock('18 mm', '0.8 mm')],
    2,
  ],
  // Drawers are not sawn up for build-outs unless somebody says so.
  [
    'BUILD_OUT_OFF',
    'stop',
    [framed, at('buildOut', { left: '17.6 mm', right: '11.8 mm' })],
    [framed, at('buildOut', { left: '17.6 mm', right: '11.8 mm', from: ['front', 'ply12'] })],
    2,
  ],
  [
    'BUILD_OUT_WITHOUT_FRAME',
    'stop',
    [at('buildOut', { left: '0 mm', right: '0.001 mm' })],
    [at('buildOut', { left: '0 mm', right: '0 mm' })],
    2,
  ],
  [
    'NOTHING_BEHIND',
    'stop',
    [framed, at('slide.family', 'undermount-16'), at('box.groove.offset', '13 mm')],
    [at('slide.family', 'undermount-16'), at('box.groove.offset', '13 mm')],
    2,
  ],
  [
    'NOTHING_BEHIND',
    'stop',
    [framed, at('slide.family', 'undermount-16')],
    [framed, at('slide.family', 'wood-runner'), at('buildOut', { left: '18 mm', right: '18 mm' })],
    2,
  ],
  ['SETBACK_DEPARTS', 'warn', [at('mounting', { setback: '3.001 mm' })], [at('mounting', { setback: '3 mm' })], 1],
  ['SETBACK_DEPARTS', 'warn', [at('mounting', { setback: '0.999 mm' })], [at('mounting', { setback: '1 mm' })], 1],
  // 550 long, 3 of room behind, in 560.
  ['SETBACK_DEPARTS', 'stop', [at('mounting', { setback: '7.001 mm' })], [at('mounting', { setback: '2.5 mm' })], 1],
  [
    'SETBACK_DEPARTS',
    'stop',
    [at('opening.depth', ['555 mm']), at('mounting', { setback: '2.001 mm' })],
    [at('opening.depth', ['555 mm']), at('mounting', { setback: '2 mm' })],
    2,
  ],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    [at('box.corner', { joint: 'rabbet', depth: '11.8 mm' })],
    [at('box.corner', { joint: 'rabbet', depth: '11.79 mm' })],
    1,
  ],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    [at('box.corner', { joint: 'half-blind', depth: '15 mm' })],
    [at('box.corner', { joint: 'half-blind', depth: '11 mm' })],
    1,
  ],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    [at('box.corner', { joint: 'butt-sides-run', back: { joint: 'tongue-dado', depth: '11.8 mm' } })],
    [at('box.corner', { joint: 'butt-sides-run', back: { joint: 'tongue-dado', depth: '11.7 mm' } })],
    1,
  ],
  ['JOINT_IMPOSSIBLE', 'stop', [at('box.groove.depth', '11.8 mm')], [at('box.groove.depth', '11.79 mm')], 1],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    [at('box.bottomFit', 'rabbeted'), at('box.groove.depth', '14 mm')],
    [at('box.bottomFit', 'rabbeted'), at('box.groove.depth', '5.9 mm')],
    1,
  ],
  ['JOINT_IMPOSSIBLE', 'stop', [at('box.play', '11.8 mm')], [at('box.play', '11.79 mm')], 1],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    [at('slide.family', 'side-hung'), job('materials[0].thickness', '7.7 mm'), at('box.groove.depth', '3 mm')],
    [at('slide.family', 'side-hung'), job('materials[0].thickness', '7.71 mm'), at('box.groove.depth', '3 mm')],
    0,
  ],
  ['JOINT_IMPOSSIBLE', 'stop', frame({ panel: 'front' }), frame(), 1],
  [
    'JOINT_IMPOSSIBLE',
    'stop',
    frame({ groove: '50 mm', rail: '60 mm' }),
    frame({ groove: '49.9 mm', rail: '60 mm' }),
    1,
  ],
  ['JOINT_IMPOSSIBLE', 'stop', frame({ play: '16 mm' }), frame({ play: '15.99 mm' }), 1],
  // Half of 45 over a line 22.5 up.
  ['SLIDE_OFF_BOX', 'stop', [at('mounting', { rise: '22.499 mm' })], [at('mounting', { rise: '22.5 mm' })], 1],
  [
    'SLIDE_OFF_BOX',
    'stop',
    [at('mounting', { rise: '40 mm' }), at('drawers[0].boxHeight', '62.4 mm')],
    [at('mounting', { rise: '40 mm' }), at('drawers[0].boxHeight', '62.5 mm')],
    1,
  ],
  [
    'BORE_OFF_FRONT',
    'stop',
    [pull({ school: 'from-top', fromTop: '11.999 mm' })],
    [pull({ school: 'from-top', fromTop: '12 mm' })],
    1,
  ],
  ['BORE_OFF_FRONT', 'stop', [pull({ count: 1, centres: '596.001 mm' })], [pull({ count: 1, centres: '596 mm' })], 0],
  ['BORE_OFF_FRONT', 'stop', [pull({ count: 2, centres: '287 mm' })], [pull({ count: 2, centres: '286 mm' })], 1],
  // The box ends 6.35 under the opening's top, an inset front as far under it as its gap; 1 mm of it is not seen.
  ['BOX_OVER_FRONT', 'warn', [inset, at('front.top', '7.36 mm')], [inset, at('front.top', '7.35 mm')], 1],
  // 12.7 above the floor stands the box.
  ['BOX_OVER_FRONT', 'warn', [inset, at('front.bottom', '13.71 mm')], [inset, at('front.bottom', '13.7 mm')], 0],
  // 514 by three: 171, 171 and 172; 513 by three is whole.
  [
    'EQUAL_NOT_ALIKE',
    'note',
    [at('division', { scheme: 'equal', increment: '1 mm' })],
    [at('division', { scheme: 'equal', increment: '1 mm' }), at('front.bottom', '9 mm')],
    2,
  ],
];

describe('what keeps wood from the saw', () => {
  it.each(STOPS)('%s (%s) fires at its limit and not just inside; each remedy takes it away', (...row) => {
    const [code, severity, fires, doesNot, remedies] = row;
    const of = (...patches: Patch[]) => one(...patches).findings.filter((each) => each.code === code);
    const [finding] = of(...fires);
    expect(finding).toMatchObject({ severity });
    expect(told(finding)).toMatch(/^[A-Z0-9].*\.$/);
    expect(of(...doesNot)).toEqual([]);
    expect((finding!.remedies ?? []).map(IN_ENGLISH.say)).toHaveLength(remedies);
    for (const remedy of finding!.remedies ?? [])
      expect(of(...fires, ...remedy.patches).filter(({ drawer }) => drawer === finding!.drawer)).toEqual([]);
  });

  it('fronts that collide are told to both banks, and hold fronts', () => {
    const all = patched(sample, beside('18 mm'));
    const [left, right] = banks(all);
    expect([left, right].map((bank) => told(bank!.findings.find(({ code }) => code === 'FRONTS_COLLIDE')))).toEqual([
      expect.stringMatching(/overlap those of Right by 2\.0 mm.*5\.0 mm more than the divider of 18\.0 mm/),
      expect.stringMatching(/overlap those of bank b1 by 2\.0 mm: the laps at the left/),
    ]);
    for (const bank of [left!, right!])
      expect(bank.findings.find(({ code }) => code === 'FRONTS_COLLIDE')).toMatchObject({ holds: 'fronts' });
  });

  it('a bank of three tells each divider by itself', () => {
    const [bank] = sample.cases[0]!.banks;
    const three = ['b1', 'b2', 'b3'].map((id, index) => ({
      ...bank!,
      id,
      front: { ...bank!.front, right: index === 1 ? '12 mm' : '7.5 mm', left: '7.5 mm' },
    }));
    const found = banks(patched(sample, [job('cases[0].banks', three), job('cases[0].divider', '18 mm')]));
    expect(found.map(({ findings }) => findings.filter(({ code }) => code === 'FRONTS_COLLIDE').length)).toEqual([
      0, 1, 1,
    ]);
  });

  it('a slide in the way of the one below it is told', () => {
    const low = one(
      at('drawers[2].boxHeight', '30 mm'),
      at('drawers[1].boxHeight', '30 mm'),
      at('mounting', { rise: '0 mm' }),
    );
    expect(low.findings.filter(({ code }) => code === 'BELOW_FLOOR').map(({ drawer }) => drawer)).toEqual(['d3']);
    expect(one(at('mounting', { rise: '9.8 mm' })).findings.map(({ code }) => code)).not.toContain('BELOW_FLOOR');
  });

  it('a height by hand over the bay: what is over, what the bay allows and what is shown agree', () => {
    const too = (step?: string) =>
      one(at('drawers[0].boxHeight', '400 mm'), ...(step ? [at('box.heightStep', step)] : []));
    const greatest = one().drawers[0]!.dimensions['box.height']!.total / 1e6;
    const says = (bank: BankPlan) => told(bank.findings.find(({ code }) => code === 'BOX_TOO_HIGH'));
    const written = (mm: number) => `${(Math.floor(mm * 2) / 2).toFixed(1)} mm`;
    expect(says(too())).toContain(`given, 400 mm, is over the ${written(greatest)} the bay allows`);
    expect(says(too())).toContain(`; ${written(greatest)} is shown`);
    const stepped = Math.floor(greatest / 25) * 25;
    expect(too('25 mm').drawers[0]!.dimensions['box.height']!.total).toBe(stepped * 1e6);
    expect(says(too('25 mm'))).toContain(`given, 400 mm, is over the ${written(greatest)} the bay allows`);
    expect(says(too('25 mm'))).toContain(`; ${stepped}.0 mm, the greatest in whole height steps, is shown`);
    // Between the stepped and the unstepped greatest a height by hand is taken.
    expect(one(at('drawers[0].boxHeight', `${greatest - 0.1} mm`), at('box.heightStep', '25 mm')).findings).toEqual([]);
  });

  it('of two places of a groove the shallower counts; a bank only planned has none cut', () => {
    const groove = (length: string, place: string) => ({
      id: `${place}${length}`,
      kind: 'reading',
      at: '2026-11-20T09:13:00Z',
      bank: 'c1/b1',
      drawer: 'd1',
      what: 'groove',
      place,
      length,
    });
    const bottom = (...patches: Patch[]) =>
      one(...patches).drawers[0]!.parts.find(({ role }) => role === 'bottom')!.length!.total;
    const log = (...entries: object[]) => job('log', entries);
    const shallow = bottom(log(groove('3 mm', 'right')));
    expect(shallow).toBe(bottom() - 2 * 2_900_000);
    expect(bottom(log(groove('3 mm', 'right'), groove('6.4 mm', 'left')))).toBe(shallow);
    expect(bottom(log(groove('6.4 mm', 'left'), groove('3 mm', 'right')))).toBe(shallow);
    // A newer reading of the same place takes the place of the older.
    expect(bottom(log(groove('3 mm', 'right'), groove('5.9 mm', 'right')))).toBe(bottom());
    expect(bottom(at('basis', 'planned'), log(groove('3 mm', 'right')))).toBe(bottom(at('basis', 'planned')));
  });

  it('packing makes the stacks up, planing makes them of one piece', () => {
    const built = (rest?: string) =>
      one(framed, stock('18 mm'), at('buildOut', { left: '19.5 mm', right: '18 mm', ...(rest ? { rest } : {}) }))
        .buildOut!;
    expect(built().left.off.total).toBe(-1_500_000);
    expect(built('packed').left).toMatchObject({ packing: 1_500_000, off: { total: 0 }, made: { total: 19_500_000 } });
    expect(built('planed').left).toMatchObject({ pieces: [], off: { total: 0 }, made: { total: 19_500_000 } });
  });
});
