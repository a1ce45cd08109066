import fc from 'fast-check';
import type { Patch } from '../reading';
import { sample } from '../job/sample.spec-data';
import { inMillimetres, type Tally } from '../length';
import { planDocument } from './document';
import { plan, readJobDocument } from './plan';
import { patched } from '../reading';
import { banks, mm, one, part, IN_ENGLISH, told } from './plan.spec-data';
import type { Plan } from './types';

const at = (field: string, value: unknown): Patch => ({ path: `BANK.${field}`, value });
const job = (path: string, value: unknown): Patch => ({ path, value });
const total = (size: Tally | undefined): number | undefined => size && inMillimetres(size.total);

/** The sample with a second bank beside the first. */
function beside(second: object, ...more: Patch[]): Plan {
  const [bank] = sample.cases[0]!.banks;
  const reading = readJobDocument(
    patched(sample, [
      job('cases[0].banks', [
        { ...bank, id: 'b1' },
        { ...bank, id: 'b2', ...second },
      ]),
      ...more,
    ]),
  );
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job);
}

describe('lines carried across', () => {
  const drawers = [{ id: 'a' }, { id: 'b', line: { bank: 'b1', drawer: 'd1' } }, { id: 'c' }, { id: 'd' }];

  it('put a lower edge level with the neighbour’s, whichever bank stands first', () => {
    const levels = (whole: Plan) =>
      whole.cases[0]!.banks.map(({ drawers: all }) => all.map((each) => mm(each, 'front.bottomY')));
    const [first, second] = levels(beside({ drawers }));
    expect(second![1]).toBe(first![0]);
    // The other way about: the bank on the left waits for the one on its right.
    const turned = beside({}, { path: 'cases[0].banks[0].drawers[0].line', value: { bank: 'b2', drawer: 'd2' } });
    const [left, right] = levels(turned);
    expect(left![0]).toBe(right![1]);
  });

  it('at a given height above the floor', () => {
    const bank = one(at('drawers[0].line', { y: '333.3 mm' }));
    expect(mm(bank.drawers[0], 'front.bottomY')).toBe(333.3);
    expect(bank.drawers.reduce((sum, each) => sum + mm(each, 'front.height')!, 0)).toBeCloseTo(514, 9);
    // Two stretches, so two drawers take an odd rest: the only one above the line, and the bottom one.
    expect(bank.drawers.map(({ makeup }) => makeup)).toEqual([true, false, true]);
    expect(bank.drawers[0]!.dimensions['front.height']!.terms[0]!.label).toEqual({
      code: 'height-between-lines',
      params: {},
    });
  });

  it('a bank whose neighbour has no heights says so and keeps what can be worked out', () => {
    const whole = beside({ drawers }, { path: 'cases[0].banks[0].drawers[0].height', value: '900 mm' });
    const [, second] = whole.cases[0]!.banks;
    expect(told(second!.findings.find(({ code }) => code === 'DIVISION_IMPOSSIBLE'))).toContain(
      'the bank it comes from',
    );
    expect(mm(second!.drawers[0], 'box.width')).toBe(574.6);
  });

  it.each<[string, object, string]>([
    ['no such bank', { bank: 'b9', drawer: 'd1' }, 'line.bank'],
    ['itself', { bank: 'b2', drawer: 'd1' }, 'line.bank'],
    ['no such drawer', { bank: 'b1', drawer: 'd9' }, 'line.drawer'],
    ['half a reference', { bank: 'b1' }, 'line'],
    ['both ways at once', { y: '1 mm', bank: 'b1', drawer: 'd1' }, 'line'],
    ['nothing', {}, 'line'],
  ])('a line from %s is an error with its path', (_, line, field) => {
    const path = `cases[0].banks[1].drawers[0].${field}`;
    expect(() => beside({ drawers: [{ id: 'd1', line }, { id: 'd2' }] })).toThrow(path);
  });

  it('banks that wait for one another are an error', () => {
    const other = { drawers: [{ id: 'd1', line: { bank: 'b1', drawer: 'd1' } }, { id: 'd2' }] };
    const turned = { path: 'cases[0].banks[0].drawers[0].line', value: { bank: 'b2', drawer: 'd1' } };
    expect(() => beside(other, turned)).toThrow(/lines-in-circle/);
  });
});

describe('boxes', () => {
  const muntin = at('box.muntin', { material: 'ply12', width: '60 mm' });

  it('a muntin halves the bottom: both halves in their grooves make the inside again', () => {
    const [drawer] = one(muntin).drawers;
    const bottom = drawer!.parts.find(({ role }) => role === 'bottom')!;
    expect(bottom.count).toBe(2);
    expect(2 * (total(bottom.length)! + 1.5 - 2 * 5.9) + 60).toBeCloseTo(mm(drawer, 'inside.width')!, 6);
    expect(part(drawer, 'muntin')).toEqual([536.7, 60]);
    expect(drawer!.machining.find(({ role }) => role === 'muntin')).toMatchObject({
      kind: 'groove',
      where: 'both edges',
    });
    const slidIn = one(muntin, at('box.bottomFit', 'slid-in')).drawers[0];
    expect(part(slidIn, 'muntin')[0]).toBe(part(slidIn, 'bottom')[1]);
  });

  it.each<[string, Patch[], string]>([
    ['under an applied bottom', [muntin, at('box.bottomFit', 'applied')], 'box.muntin'],
    ['of a material nobody has', [at('box.muntin', { material: 'oak', width: '60 mm' })], 'box.muntin.material'],
    [
      'half given by a drawer',
      [at('drawers[0].box', { muntin: { width: '60 mm' } })],
      'drawers[0].box.muntin.material',
    ],
  ])('a muntin %s is an error', (_, patches, path) => expect(() => one(...patches)).toThrow(path));

  it('a muntin takes most of the sag away', () => {
    const sag = (...patches: Patch[]) => one(...patches).drawers[0]!.sag!.sag;
    expect(sag(muntin)).toBeLessThan(sag() / 3);
    expect(one(at('opening.width', ['100 mm']), muntin).drawers[0]!.sag).toBeUndefined();
  });

  it('share a height: the lowest serves all, whoever names whom', () => {
    const heights = (...patches: Patch[]) => one(...patches).drawers.map((each) => mm(each, 'box.height'));
    const [first, second, third] = heights();
    expect(heights(at('drawers[2].boxSameAs', 'd2'))).toEqual([first, second, second]);
    expect(heights(at('drawers[1].boxSameAs', 'd3'))).toEqual([first, second, second]);
    expect(heights(at('drawers[0].boxSameAs', 'd3'), at('drawers[2].boxSameAs', 'd2'))).toEqual([first, first, first]);
    expect(heights(at('drawers[2].boxSameAs', 'd1'), at('drawers[2].boxHeight', '90 mm'))).toEqual([90, second, 90]);
    expect(third).toBeGreaterThan(second!);
    expect(() => one(at('drawers[0].boxSameAs', 'd1'))).toThrow(/circle/);
    expect(() => one(at('drawers[0].boxSameAs', 'd7'))).toThrow(/no-drawer/);
  });

  const undermount = [at('slide.family', 'undermount-16'), at('box.groove.offset', '13 mm')];
  const cuts = (role: string, ...patches: Patch[]) =>
    one(...patches)
      .drawers[0]!.machining.filter((cut) => cut.role === role)
      .map(({ kind, where, sizes }) => ({
        kind,
        where,
        ...Object.fromEntries(Object.entries(sizes).map(([name, size]) => [name, total(size)])),
      }));

  it('undermount: notches and hook bores of a full back, from the side’s inner face', () => {
    expect(cuts('back', ...undermount)).toEqual([
      { kind: 'groove', where: 'lower edge', depth: 5.9, width: 8.7, up: 13 },
      { kind: 'notch', where: 'lower corners', width: 35, height: 13 },
      { kind: 'bore', where: 'both ends', in: 7, up: 24, diameter: 6, depth: 10 },
    ]);
    // A back that reaches 5 into the sides has its inner faces 5 further from its ends.
    const tongued = cuts('back', ...undermount, at('box.corner', { joint: 'tongue-dado', depth: '5 mm' }));
    expect(tongued.find(({ kind }) => kind === 'bore')).toMatchObject({ in: 12 });
    expect(tongued.find(({ kind }) => kind === 'notch')).toMatchObject({ width: 40 });
  });

  it('undermount: a back that stops at the bottom is bored lower and not notched', () => {
    expect(cuts('back', ...undermount, at('box.bottomFit', 'slid-in'))).toEqual([
      { kind: 'bore', where: 'both ends', in: 7, up: 2.3, diameter: 6, depth: 10 },
    ]);
  });

  it('corners say what is cut into which part, at either end', () => {
    const corner = at('box.corner', { joint: 'tongue-dado', depth: '5 mm', back: { joint: 'rabbet', depth: '4 mm' } });
    expect(cuts('side', corner).map(({ kind, where }) => `${kind} ${where}`)).toEqual([
      'groove lower edge',
      'dado front end',
    ]);
    expect(cuts('box-front', corner).at(-1)).toEqual({ kind: 'tongue', where: 'both ends', depth: 5, width: 5.9 });
    expect(cuts('back', corner).at(-1)).toEqual({ kind: 'rabbet', where: 'both ends', depth: 4, width: 11.8 });
    expect(cuts('side', at('box.bottomFit', 'rabbeted'))[0]).toEqual({
      kind: 'rabbet',
      where: 'lower edge',
      depth: 5.9,
      width: 8.7,
    });
  });

  it('over-travel comes out an inch further; an overhanging top hides so much again', () => {
    const [plain] = one().drawers;
    const [over] = one(at('slide.family', 'side-over-travel')).drawers;
    expect(mm(over, 'slide.travel')! - mm(plain, 'slide.travel')!).toBeCloseTo(25.4, 9);
    const [under] = one(at('slide.family', 'side-over-travel'), job('cases[0].overhang', '1 in')).drawers;
    expect(mm(under, 'slide.hidden')).toBe(mm(plain, 'slide.hidden'));
    expect(mm(one(at('slide.family', 'roller-corner')).drawers[0], 'slide.travel')).toBe(412.5);
  });

  it('a set-back by hand is the one that is marked', () => {
    expect(mm(one(at('mounting', { setback: '5 mm' })).drawers[0], 'slide.setback')).toBe(5);
  });
});

describe('fronts', () => {
  it('a framed front is stiles, rails and a panel, and no face', () => {
    const [drawer] = one(at('front.frame', { stile: '50 mm', groove: '8 mm', play: '2 mm', panel: 'ply12' })).drawers;
    expect(drawer!.parts.map(({ role, count, material }) => [role, count, material]).slice(-3)).toEqual([
      ['stile', 2, 'front'],
      ['rail', 2, 'front'],
      ['panel', 1, 'ply12'],
    ]);
    expect(part(drawer, 'panel')).toEqual([620 - 100 + 16 - 2, 151 - 100 + 16 - 2]);
    const thin = one(at('front.frame', { stile: '90 mm', groove: '8 mm', play: '2 mm', panel: 'ply12' }));
    expect(thin.findings.filter(({ code }) => code === 'SIZE_IMPOSSIBLE').map(told)).toEqual(
      expect.arrayContaining([expect.stringContaining('width of the panel')]) as string[],
    );
  });

  it('a banded front is cut from a blank less its bands', () => {
    const band = at('front.band', { thickness: '1 mm', edges: ['top', 'bottom', 'left'] });
    const face = one(band).drawers[0]!.parts.at(-1)!;
    expect([total(face.length), total(face.width)]).toEqual([620, 151]);
    expect([total(face.blank?.length), total(face.blank?.width)]).toEqual([619, 149]);
  });

  it('a run’s panel is the fronts, the kerfs and the trim; of a case it runs both ways', () => {
    const run = { kerf: '3 mm', trim: '10 mm' };
    expect(total(one(at('front.run', run)).run?.panel)).toBe(514 + 6 + 10);
    const [bank] = sample.cases[0]!.banks;
    const whole = beside({ front: bank!.front }, job('cases[0].run', run));
    expect(total(whole.cases[0]!.run?.panel)).toBe(620 + 620 + 3 + 10);
    expect(whole.cases[0]!.banks.map(({ run: down }) => total(down?.panel))).toEqual([530, 530]);
    // A kerf of 1 jumps at every joint, down either bank and across: one strip for the case mends them all.
    const jumps = (strip?: string) =>
      beside({}, job('cases[0].run', { kerf: '1 mm', trim: '0 mm', ...(strip ? { strip } : {}) })).cases[0]!.banks.map(
        ({ findings }) => findings.filter(({ code }) => code === 'GRAIN_JUMPS').length,
      );
    expect(jumps()).toEqual([2, 1]);
    expect(jumps('2 mm')).toEqual([0, 0]);
  });

  it('screws that come out nowhere: into the side, through to the front, and the pull’s', () => {
    const [drawer] = one(at('front.pull', { school: 'centre', purchase: '8 mm', centres: '96 mm' })).drawers;
    expect([mm(drawer, 'screw.slide'), mm(drawer, 'screw.front'), mm(drawer, 'screw.pull')]).toEqual([
      10.3, 26.4, 37.4,
    ]);
    expect(drawer!.bores.map(({ x, y }) => [total(x), total(y)])).toEqual([
      [155 - 48, 75.5],
      [155 + 48, 75.5],
      [465 - 48, 75.5],
      [465 + 48, 75.5],
    ]);
    expect(() => one(at('front.pull', { school: 'from-top', purchase: '8 mm' }))).toThrow(/front.pull.fromTop/);
  });

  it('a solid front’s growth to the wettest season; framed, or of a sheet, it hardly moves', () => {
    const cherry = [job('materials[2].kind', 'solid'), job('materials[2].species', 'cherry-black')];
    const growth = (...patches: Patch[]) => mm(one(...cherry, ...patches).drawers[0], 'front.growth');
    expect(growth()).toBeCloseTo(151 * 0.00248 * 4, 5);
    expect(growth(job('materials[2].cut', 'quarter-sawn'))).toBeCloseTo(151 * 0.00126 * 4, 5);
    expect(growth(at('front.frame', { stile: '40 mm', groove: '8 mm', play: '2 mm', panel: 'ply12' }))).toBeUndefined();
    expect(mm(one().drawers[0], 'front.growth')).toBeUndefined();
    const dry = { fitting: { temperature_c: 20, humidity: 30 }, wettest: { temperature_c: 20, humidity: 70 } };
    expect(growth(job('climate', dry))!).toBeGreaterThan(151 * 0.00248 * 6.5);
  });

  it('shared dividers: their lap, and both ways to share the width', () => {
    const whole = beside({}, job('cases[0].divider', '18 mm'));
    const [owner] = whole.cases;
    expect(total(owner!.dividerLap)).toBe(7.5);
    const sum = (list: readonly number[]) => list.reduce((all, each) => all + each, 0) / 1e6;
    expect(sum(owner!.widths!.fronts.fronts)).toBe(600 + 600 + 18 + 20 - 3);
    expect(sum(owner!.widths!.openings.openings)).toBe(1200);
  });
});

describe('the plan file', () => {
  it('holds everything docs/job-file.md tells, and only numbers, texts and lists', () => {
    const reading = readJobDocument(
      patched(sample, [
        job('cases[0].stand', { weight_kg: 40, depth: '580 mm', frontFeet: '30 mm' }),
        job('cases[0].banks[0].buildOut', { left: '18 mm', right: '12 mm', from: ['ply12', 'ply6'] }),
        job('cases[0].banks[0].front.pull', { school: 'centre', purchase: '8 mm' }),
        job('cases[0].banks[0].front.run', { kerf: '3 mm', trim: '10 mm' }),
        job('cases[0].banks[0].front.band', { thickness: '1 mm', edges: ['top'] }),
        job('cases[0].banks[0].box.ease', '3 mm'),
      ]),
    );
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const document = planDocument(plan(reading.job), IN_ENGLISH);
    expect(JSON.parse(JSON.stringify(document))).toEqual(document);
    const [owner] = document.cases;
    expect(owner!.balance!.ratio).toBeGreaterThan(0);
    const [bank] = owner!.banks;
    expect(bank!.packing).toEqual([{ reading: 1, total: 0.5, eachSide: 0.25 }]);
    expect(bank!.buildOut).toEqual({
      left: { wanted: 18, made: 17.4, off: -0.6, pieces: [{ material: 'ply6', count: 2 }] },
      right: { wanted: 12, made: 11.8, off: -0.2, pieces: [{ material: 'ply12', count: 1 }] },
    });
    expect(bank!.run).toEqual({ panel: 514 - 3 + 6 + 10, jumps: [1, 1] });
    const [drawer] = bank!.drawers;
    expect(drawer!.slide).toMatchObject({
      origin: 'built-in',
      travel: 550,
      holes: { first: 37, pitch: 32, count: 17 },
    });
    expect(drawer!.bores).toHaveLength(2);
    expect(drawer!.parts.at(-1)).toMatchObject({ role: 'face', blank: { length: 620, width: 150 } });
    const eased = bank!.findings.find(({ code }) => code === 'EASE_TOO_MUCH');
    expect(eased).toMatchObject({ drawer: 'd1', remedies: [{ patches: [{ path: 'cases[0].banks[0].box.ease' }] }] });
  });

  it('every number in it is whole nanometres', () => {
    const whole = (value: unknown, key = ''): void => {
      if (typeof value === 'number' && !/count|ratio|_kg|version|reading/.test(key))
        expect(Math.abs(value * 1e6 - Math.round(value * 1e6))).toBeLessThan(1e-3);
      else if (typeof value === 'object' && value !== null)
        for (const [name, each] of Object.entries(value)) whole(each, name === 'value' ? 'value_kg' : name);
    };
    for (const bank of banks(sample)) expect(bank.drawers.length).toBeGreaterThan(0);
    const reading = readJobDocument(sample);
    if (reading.ok) whole(planDocument(plan(reading.job), IN_ENGLISH));
  });
});

describe('whatever is asked for', () => {
  const maybe = <T>(value: T) => fc.constantFrom(undefined, value);
  const anyWish = fc.record({
    least: maybe('120 mm'),
    most: maybe('200 mm'),
    height: fc.constantFrom(undefined, undefined, undefined, '150 mm'),
    boxHeight: maybe('100 mm'),
    share: maybe(2),
    line: fc.constantFrom(undefined, undefined, undefined, { y: '200 mm' }),
    contents: maybe([{ name: 'roll', height: '60 mm', count: 3, weight_kg: 4, footprint: ['200 mm', '150 mm'] }]),
  });
  const anyBank = fc.record({
    drawers: fc.array(anyWish, { minLength: 1, maxLength: 6 }),
    scheme: fc.constantFrom('equal', 'step', 'ratio', 'contents', 'manual'),
    family: fc.constantFrom(
      'side-ball-bearing',
      'undermount-19',
      'wood-runner',
      'side-hung',
      'centre-mount',
      'roller-corner',
    ),
    front: fc.record({
      band: maybe({ thickness: '1 mm', edges: ['top', 'left'] }),
      frame: maybe({ stile: '40 mm', groove: '8 mm', play: '2 mm', panel: 'ply12' }),
      run: maybe({ kerf: '3 mm', trim: '8 mm' }),
      pull: maybe({ school: 'third-when-low', lowUnder: '300 mm', centres: '64 mm', purchase: '6 mm' }),
    }),
    muntin: maybe({ material: 'ply12', width: '50 mm' }),
    stand: maybe({ weight_kg: 20, depth: '580 mm', frontFeet: '10 mm', interlock: true }),
  });

  it('there is a plan, its sums add up, its fronts fill the height, and it is the same twice', () => {
    fc.assert(
      fc.property(anyBank, ({ drawers, scheme, family, front, muntin, stand }) => {
        const patches = [
          at('division', { scheme, step: '10 mm', ratio: 1.1, increment: '1 mm' }),
          at(
            'drawers',
            drawers.map((wish, index) => ({ id: `d${index}`, ...wish })),
          ),
          at('slide.family', family),
          ...Object.entries(front).map(([field, value]) => at(`front.${field}`, value)),
          at('box.muntin', muntin),
          job('cases[0].stand', stand),
        ].filter(({ value }) => value !== undefined);
        const bank = one(...patches);
        for (const { dimensions, parts, bores } of bank.drawers)
          for (const size of [
            ...Object.values(dimensions),
            ...parts.flatMap(({ length, width, blank }) => [length, width, blank?.length, blank?.width]),
            ...bores.flatMap(({ x, y }) => [x, y]),
          ])
            if (size) expect(size.terms.reduce((sum, { amount }) => sum + amount, 0)).toBe(size.total);
        const heights = bank.drawers.map((each) => mm(each, 'front.height'));
        const divided = !bank.findings.some(({ code }) => code === 'DIVISION_IMPOSSIBLE');
        expect(heights.every((height) => (height !== undefined) === divided)).toBe(true);
        if (divided)
          expect(heights.reduce((sum, each) => sum! + each!, 0)! + (heights.length - 1) * 3).toBeCloseTo(520, 6);
        for (const finding of bank.findings) expect(told(finding)).not.toMatch(/undefined|NaN|Infinity|\[object/);
        expect(one(...patches)).toEqual(bank);
      }),
      { numRuns: 150 },
    );
  });
});
