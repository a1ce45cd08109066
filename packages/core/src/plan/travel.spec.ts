import { patched, type Patch } from '../reading';
import { ENGLISH, wordsIn } from '../words';
import { planDocument } from './document';
import { plan, readJobDocument } from './plan';
import { wholeBank, wholeJob } from './whole-case.spec-data';

const BUILD = {
  ...{ width: '600 mm', height: '800 mm', depth: '560 mm', panel: 'ply18' },
  joint: { kind: 'butt' },
  back: { kind: 'applied', material: 'ply6' },
};
const FRONT = { mount: 'overlay', top: '8 mm', bottom: '8 mm', left: '16 mm', right: '16 mm', gap: '3 mm' };
const DRAWERS = wholeBank('b1', 'in', 2, {
  front: { ...FRONT, material: 'ash19' },
  slide: { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm' },
  division: { scheme: 'equal', increment: '1 mm' },
});
const DOOR = {
  ...{ id: 'o1', over: 'in', ...FRONT, material: 'ash19', hinge: { family: 'cup-110-full', side: 'left' } },
};
const TRAYS = { ...DRAWERS, front: { mount: 'none' }, behind: 'o1', pack: { left: '20 mm' } };

const caseOf = (id: string, more: object = {}) => ({
  ...{ id, name: id.toUpperCase(), style: 'frameless', build: BUILD, layout: { id: 'in' }, banks: [DRAWERS] },
  ...more,
});

function planned(cases: readonly object[], room?: object, patches: readonly Patch[] = []) {
  const job = { ...wholeJob({}, [], { unit: 'mm' }), cases, ...(room ? { room } : {}) };
  const read = readJobDocument(JSON.parse(JSON.stringify(patched(job, patches))));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const words = wordsIn(ENGLISH, { unit: 'mm', step: made.step });
  const written = planDocument(made, words);
  const findings = made.cases.flatMap(({ findings: own, banks }) => [
    ...new Set([...own, ...banks.flatMap((bank) => bank.findings)]),
  ]);
  const ways = Object.fromEntries(made.worlds.flatMap(({ ways: all }) => all.map((way) => [way.mover.name, way])));
  return {
    written,
    travel: (name: string) => ways[name]!.travel / (ways[name]!.mover.kind === 'leaf' ? 1 : 1e6),
    stoppedBy: (name: string) => ways[name]!.stoppedBy,
    of: (code: string) => findings.filter((each) => each.code === code),
    says: (code: string) => findings.filter((each) => each.code === code).map((each) => words.say(each)),
  };
}

const at = (x: string, z: string, turn = 0) => ({ at: { x, z, turn } });
const wall = (id: string, from: readonly string[], to: readonly string[], more: object = {}) => ({
  id,
  from,
  to,
  ...more,
});
const roomOf = (walls: readonly object[] = [], things: readonly object[] = []) => ({
  height: '2400 mm',
  walls,
  things,
});

describe('how far what moves comes', () => {
  it('is all of it where nothing stands in its way, told with every drawer and leaf', () => {
    const [owner] = planned([caseOf('c1', { doors: [], banks: [DRAWERS] })]).written.cases;
    expect(owner!.banks[0]!.drawers).toMatchObject([{ travel: 500 }, { travel: 500 }]);
    const [closed] = planned([caseOf('c1', { banks: [], doors: [DOOR] })]).written.cases;
    expect((closed as { doors: object[] }).doors).toMatchObject([{ leaves: [{ hinge: 'left', travel: 110 }] }]);
  });

  it('ends at a wall before the case, at a thing’s handle, at the next case: at what is nearest', () => {
    // Its front is 19.05 mm thick, its case 560 deep.
    const before = (z: number) => wall('s', ['3000 mm', `${z} mm`], ['-100 mm', `${z} mm`]);
    const of = (room: object) => planned([caseOf('c1', at('0 mm', '0 mm'))], room);
    expect(of(roomOf([before(900)])).travel('c1/b1/d1')).toBeCloseTo(900 - 560 - 19.05, 6);
    const thing = {
      id: 'still',
      x: '0 mm',
      z: '800 mm',
      width: '600 mm',
      depth: '600 mm',
      height: '300 mm',
      turn: 180,
      handle: '40 mm',
    };
    const still = of(roomOf([before(900)], [thing]));
    // The upper drawer passes over it, the lower one meets its handle.
    expect([still.stoppedBy('c1/b1/d1'), still.stoppedBy('c1/b1/d2')]).toEqual(['room/s', 'room/still/handle']);
    expect(still.travel('c1/b1/d2')).toBeCloseTo(800 - 40 - 560 - 19.05, 6);
  });

  it.each([0, 90, 180, 270])('is the same whichever way the room is turned: %i', (turn) => {
    // A square case; a wall 200 mm before its front.
    const square = { ...BUILD, width: '560 mm' };
    const walls: Record<number, object> = {
      0: wall('w', ['2000 mm', '1760 mm'], ['0 mm', '1760 mm']),
      90: wall('w', ['1760 mm', '0 mm'], ['1760 mm', '2000 mm']),
      180: wall('w', ['0 mm', '800 mm'], ['2000 mm', '800 mm']),
      270: wall('w', ['800 mm', '2000 mm'], ['800 mm', '0 mm']),
    };
    const made = planned([caseOf('c1', { ...at('1000 mm', '1000 mm', turn), build: square })], roomOf([walls[turn]!]));
    expect(made.travel('c1/b1/d1')).toBeCloseTo(200 - 19.05, 6);
    expect(made.stoppedBy('c1/b1/d1')).toBe('room/w');
  });

  it('of a tray wants its leaf out of the way at the angle it really reaches', () => {
    const banks = [TRAYS];
    const alone = (opens: number) => planned([caseOf('c1', { banks, doors: [{ ...DOOR, opens }] })]);
    expect(alone(110).travel('c1/b1/d1')).toBe(500);
    expect([alone(80).travel('c1/b1/d1'), alone(80).stoppedBy('c1/b1/d1')]).toEqual([0, 'c1/o1/left']);
    // Packed clear of it, it comes out; no pull is blamed for what its own door does.
    const [kept] = alone(80).of('TRAVEL_LIMITED');
    expect(kept!.remedies!.map(({ code }) => code)).toEqual(['pack-by']);
    expect(alone(80).of('HANDLE_HITS')).toEqual([]);
    const packed = planned(
      [caseOf('c1', { banks, doors: [{ ...DOOR, opens: 80 }] })],
      undefined,
      kept!.remedies![0]!.patches,
    );
    expect(packed.travel('c1/b1/d1')).toBe(500);
    // A wall beside the hinge keeps the leaf from opening: the tray behind it with it.
    const beside = planned(
      [caseOf('c1', { ...at('0 mm', '0 mm'), banks, doors: [{ ...DOOR, pull: { projection: '40 mm' } }] })],
      roomOf([wall('w', ['1 mm', '2000 mm'], ['1 mm', '0 mm'])]),
    );
    expect(beside.travel('c1/o1/left')).toBeLessThan(90);
    expect(beside.travel('c1/b1/d1')).toBe(0);
    expect(beside.of('TRAVEL_LIMITED').map(({ severity }) => severity)).toContain('stop');
  });
});

describe('a room that can’t be', () => {
  it.each<[string, object, string]>([
    [
      'a wall of no length',
      roomOf([wall('n', ['1 mm', '2 mm'], ['1 mm', '2 mm'])]),
      'room.walls[0].to: a wall goes from one place',
    ],
    [
      'two walls of one name',
      roomOf([wall('n', ['0 mm', '0 mm'], ['9 mm', '0 mm']), wall('n', ['9 mm', '0 mm'], ['9 mm', '9 mm'])]),
      'room.walls[1].id: read "n"',
    ],
    [
      'a thing called as a wall',
      roomOf(
        [wall('n', ['0 mm', '0 mm'], ['9 mm', '0 mm'])],
        [{ id: 'n', x: '0 mm', z: '0 mm', width: '9 mm', depth: '9 mm', height: '9 mm' }],
      ),
      'room.walls[0].id: read "n"',
    ],
  ])('%s is told where it is', (_, room, says) => {
    const read = readJobDocument({
      ...wholeJob({}, [], { unit: 'mm' }),
      cases: [caseOf('c1', { at: { x: '0 mm', z: '0 mm' } })],
      room,
    });
    const words = wordsIn(ENGLISH, { unit: 'mm', step: 1e6 as never });
    expect(read.ok ? '' : read.errors.map(({ path, said: told }) => `${path}: ${words.say(told)}`).join()).toContain(
      says,
    );
  });
});

describe('what is said of what moves', () => {
  const beside = (gap: number, door: object = {}, patches: readonly Patch[] = []) =>
    planned(
      [
        caseOf('c1', {
          ...at(`${gap} mm`, '0 mm'),
          banks: [],
          doors: [{ ...DOOR, pull: { projection: '30 mm' }, ...door }],
        }),
      ],
      roomOf([wall('w', ['0 mm', '2000 mm'], ['0 mm', '0 mm'])]),
      patches,
    );

  it('TRAVEL_LIMITED warns of less than all, and stops under three quarters', () => {
    const facing = (z: number) =>
      planned([caseOf('c1', at('0 mm', '0 mm'))], roomOf([wall('s', ['3000 mm', `${z} mm`], ['0 mm', `${z} mm`])]));
    const front = 560 + 19.05;
    expect(facing(front + 500).of('TRAVEL_LIMITED')).toEqual([]);
    expect(facing(front + 499.9).of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'warn' }, { severity: 'warn' }]);
    expect(facing(front + 375).of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'warn' }, { severity: 'warn' }]);
    expect(facing(front + 374.9).of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'stop' }, { severity: 'stop' }]);
    expect(facing(front + 370).says('TRAVEL_LIMITED')[0]).toBe(
      'It opens 370.0 mm of 500.0 mm: there it meets the wall “s”.',
    );
  });

  it('HANDLE_HITS where it would come farther without its pull, and a flatter one mends it', () => {
    // Its edge laps 1.7 mm less than the side is thick: 18.3 mm and the gap from the wall.
    const [hit] = beside(20).of('HANDLE_HITS');
    expect(beside(20).travel('c1/o1/left')).toBeLessThan(110);
    expect(hit).toMatchObject({ severity: 'warn', params: { own: true } });
    for (const { patches } of hit!.remedies!) expect(beside(20, {}, patches).of('HANDLE_HITS')).toEqual([]);
    expect(beside(400).of('HANDLE_HITS')).toEqual([]);
  });

  it('nothing is a pull by what it is called: a wall `handle`, a drawer `pull`', () => {
    const room = roomOf([wall('handle', ['3000 mm', '900 mm'], ['0 mm', '900 mm'])]);
    const before = planned([caseOf('c1', at('0 mm', '0 mm'))], room);
    expect(before.stoppedBy('c1/b1/d1')).toBe('room/handle');
    expect(before.of('HANDLE_HITS')).toEqual([]);
    const drawers = DRAWERS.drawers.map((drawer) => ({ ...drawer, id: drawer.id === 'd1' ? 'pull' : drawer.id }));
    const across = caseOf('c2', { ...at('0 mm', '900 mm', 180), banks: [{ ...DRAWERS, drawers }] });
    const two = planned([caseOf('c1', at('0 mm', '0 mm')), across]);
    expect(two.stoppedBy('c1/b1/d1')).toBe('c2/b1/pull');
    expect(two.of('HANDLE_HITS')).toEqual([]);
  });

  it('each remedy of a door that a wall stops lets it open: on its other side, with a filler, with a stay', () => {
    const [stopped] = beside(20).of('TRAVEL_LIMITED');
    expect(stopped!.remedies!.map(({ code }) => code)).toEqual(['leave-filler', 'hinge-other-side', 'opens-to']);
    for (const { patches } of stopped!.remedies!) expect(beside(20, {}, patches).of('TRAVEL_LIMITED')).toEqual([]);
    // One that is told no hinge opens to 110°, and is told one with its side.
    const untold = { hinge: undefined };
    const [bare] = beside(20, untold).of('TRAVEL_LIMITED');
    expect(bare!.params).toMatchObject({ full: { degrees: 110 } });
    for (const { patches } of bare!.remedies!) expect(beside(20, untold, patches).of('TRAVEL_LIMITED')).toEqual([]);
    // The filler is the least that does: a tenth less does not.
    const by = (stopped!.remedies![0]!.params as { by: number }).by / 1e6;
    expect(beside(20 + by + 1e-4).of('TRAVEL_LIMITED')).toEqual([]);
    expect(beside(20 + by - 0.1).of('TRAVEL_LIMITED').length).toBe(1);
    // The greater of L·|cosθ| and (L − fromEdge + width/2)·|cosθ| + projection·sinθ. Common practice.
    const wide = 600 - 2 * 17.7 + 32;
    const [c, s] = [Math.abs(Math.cos((110 * Math.PI) / 180)), Math.sin((110 * Math.PI) / 180)];
    const wants = Math.max(wide * c, (wide - 40 + 6) * c + 30 * s);
    expect(20 + by + 1.7).toBeCloseTo(wants, 4);
  });

  it('DOORS_MEET of a door that swings over the drawers beside it, until it is accepted or kept from it', () => {
    const layout = { id: 'front', across: [{ id: 'l' }, { id: 'r' }] };
    const two = (patches: readonly Patch[] = []) =>
      planned(
        [
          caseOf('c1', {
            ...{ layout, build: { ...BUILD, width: '1200 mm' } },
            banks: [{ ...DRAWERS, compartment: 'l', front: { ...DRAWERS.front, right: '7 mm' } }],
            doors: [{ ...DOOR, over: 'r', left: '7 mm' }],
          }),
        ],
        undefined,
        patches,
      );
    expect(two().written.meetings).toEqual([
      { a: 'c1/b1/d1', b: 'c1/o1/left' },
      { a: 'c1/b1/d2', b: 'c1/o1/left' },
    ]);
    const [met] = two().of('DOORS_MEET');
    expect(two().says('DOORS_MEET')).toEqual([
      'Door “o1” and drawers 1 and 2 of bank b1 meet when both are open: open one first, and close it before the other.',
    ]);
    expect(met!.remedies!.map(({ code }) => code)).toEqual(['open-one-first', 'hinge-other-side', 'opens-to']);
    for (const { patches } of met!.remedies!) expect(two(patches).of('DOORS_MEET')).toEqual([]);
    // Whichever of the two is named first; a pair is no other that has one of them.
    const inTurn = (...pairs: (readonly [string, string])[]) =>
      two([{ path: 'inTurn', value: pairs.map(([a, b]) => ({ a, b })) }]).says('DOORS_MEET');
    const [upper, lower, leaf] = ['c1/b1/d1', 'c1/b1/d2', 'c1/o1/left'] as const;
    expect(inTurn([leaf, upper], [lower, leaf])).toEqual([]);
    expect(inTurn([upper, leaf])).toEqual([expect.stringContaining('drawer 2 of bank b1')]);
    expect(inTurn([leaf, lower])).toEqual([expect.stringContaining('drawer 1 of bank b1')]);
    expect(inTurn([upper, lower], [leaf, leaf], [upper, upper], [lower, upper])).toEqual(two().says('DOORS_MEET'));
  });

  it('drawers of a corner pass the fronts of the other case behind a filler of the exact width', () => {
    // c1 along the first wall, c2 turned to face it at its right end, its front plane level with c1's right side.
    const pull = { school: 'centre', purchase: '10 mm', projection: '35 mm' };
    const banks = [{ ...DRAWERS, front: { ...DRAWERS.front, pull } }];
    const corner = (patches: readonly Patch[] = []) =>
      planned(
        [caseOf('c1', { ...at('0 mm', '0 mm'), banks }), caseOf('c2', { ...at('600 mm', '560 mm', 270), banks })],
        undefined,
        patches,
      );
    const [stuck] = corner().of('TRAVEL_LIMITED');
    expect(corner().stoppedBy('c1/b1/d1')).toMatch(/^c2\/b1\/d1/);
    // Front thickness of the other, its pull and 5 mm, less the 1.7 mm its own front keeps from its side.
    const filler = stuck!.remedies!.find(({ code }) => code === 'leave-filler')!;
    expect(filler.params).toEqual({ by: 57_350_000, side: 'right' });
    const mended = corner(filler.patches);
    // It is a part of the case, just as wide.
    const { parts } = mended.written.cases[0] as unknown as { parts: { role: string; width: number }[] };
    expect(parts.filter(({ role }) => role === 'filler')).toMatchObject([{ count: 1, width: 57.35 }]);
    expect(mended.travel('c1/b1/d1')).toBe(500);
    expect(mended.of('TRAVEL_LIMITED').filter(({ remedies }) => remedies!.length > 0).length).toBeLessThan(
      corner().of('TRAVEL_LIMITED').length,
    );
    // Both fillers, then as one post: one runs on behind the other by the thickness of that, and nothing is in the way.
    const [other] = mended
      .of('TRAVEL_LIMITED')
      .flatMap(({ remedies }) => remedies!.filter(({ code }) => code === 'leave-filler'));
    const both = corner([...filler.patches, ...other!.patches]);
    expect(both.of('TRAVEL_LIMITED')).toEqual([]);
    const asPost = corner([...filler.patches, ...other!.patches, { path: 'cases[0].at.post', value: 'right' }]);
    const widths = (of: typeof both): unknown[] =>
      (of.written.cases as unknown as { parts: { role: string; width: number }[] }[]).flatMap(({ parts: all }) =>
        all.filter(({ role }) => role === 'filler').map(({ width }) => width),
      );
    const [wide, narrow] = widths(both) as [number, number];
    expect(widths(asPost)).toEqual([wide + 17.7, narrow]);
    expect(asPost.of('TRAVEL_LIMITED')).toEqual([]);
    for (const name of ['c1/b1/d1', 'c2/b1/d1']) expect(asPost.travel(name)).toBe(500);
  });

  it('two drawers of facing cases meet where the aisle is less than both ways', () => {
    const facing = (aisle: number) =>
      planned([caseOf('c1', at('0 mm', '0 mm')), caseOf('c2', at('0 mm', `${560 + aisle} mm`, 180))]).of(
        'DRAWERS_MEET',
      );
    expect(facing(2 * (500 + 19.05))).toEqual([]);
    expect(facing(2 * (500 + 19.05) - 0.1).length).toBeGreaterThan(0);
  });

  it('NO_ROOM_TO_STAND where less than 600 mm is left before a drawer that is out', () => {
    const facing = (z: number) =>
      planned([caseOf('c1', at('0 mm', '0 mm'))], roomOf([wall('s', ['3000 mm', `${z} mm`], ['0 mm', `${z} mm`])]));
    const out = 560 + 19.05 + 500;
    expect(facing(out + 600).of('NO_ROOM_TO_STAND')).toEqual([]);
    expect(facing(out + 599.9).of('NO_ROOM_TO_STAND')).toMatchObject([{ severity: 'warn' }, { severity: 'warn' }]);
  });
});

describe('two compartments changed with one another', () => {
  const layout = { id: 'all', across: [{ id: 'left' }, { id: 'right' }] };
  const bank = { ...DRAWERS, compartment: 'right' };
  // A post before the right half, 200 mm off; before the left nothing stands.
  const post = { id: 'post', x: '700 mm', z: '760 mm', width: '300 mm', depth: '300 mm', height: '2000 mm' };
  const wide = { ...BUILD, width: '1200 mm' };
  const owner = caseOf('c1', {
    ...{ build: wide, layout, banks: [bank], shelves: [{ compartment: 'left', count: 2 }], ...at('0 mm', '0 mm') },
  });
  const offered = (cases: readonly object[], things: readonly object[]) =>
    planned(cases, roomOf([], things))
      .of('TRAVEL_LIMITED')
      .flatMap(({ remedies = [] }) => remedies.filter(({ code }) => code === 'swap-compartments'));

  it('are offered where all of both comes as far as it should there, and then nothing is stopped', () => {
    const [remedy] = offered([owner], [post]);
    expect(remedy).toMatchObject({ params: { one: 'right', other: 'left' } });
    expect(remedy!.patches.map(({ path, value }) => [path, value])).toEqual([
      ['cases[0].banks[0].compartment', 'left'],
      ['cases[0].shelves[0].compartment', 'right'],
    ]);
    expect(planned([owner], roomOf([], [post]), remedy!.patches).of('TRAVEL_LIMITED')).toEqual([]);
  });

  it('are not where it is no better there, where one is wider, or where something in them is built', () => {
    expect(offered([owner], [post, { ...post, id: 'other', x: '200 mm' }])).toEqual([]);
    const uneven = { ...layout, across: [{ id: 'left', size: '400 mm' }, { id: 'right' }] };
    expect(offered([{ ...owner, layout: uneven }], [post])).toEqual([]);
    const opening = { width: ['560 mm'], height: ['760 mm'], depth: ['550 mm'] };
    expect(offered([{ ...owner, banks: [{ ...bank, basis: 'as-built', opening }] }], [post])).toEqual([]);
    // A door over both holds them where they are.
    const door = { ...DOOR, over: 'all', leaves: 2 };
    expect(
      offered([{ ...owner, banks: [{ ...bank, ...TRAYS, compartment: 'right' }], doors: [door] }], [post]),
    ).toEqual([]);
  });

  it('take a door with them, where its leaf has its way there too', () => {
    const laps = { left: '8 mm', right: '8 mm' };
    const drawers = { ...bank, front: { ...DRAWERS.front, ...laps } };
    const hung = (side: string) =>
      caseOf('c1', {
        ...{ build: wide, layout, banks: [drawers], ...at('0 mm', '0 mm') },
        doors: [{ ...DOOR, ...laps, over: 'left', hinge: { family: 'cup-110-full', side } }],
      });
    // Before the left end of the right half: a leaf that is hinged there swings into it, one hinged at its right end too.
    expect(offered([hung('left')], [post])).toEqual([]);
    // Farther out and to the right it stops the drawers, and a leaf passes it.
    const [remedy] = offered(
      [hung('left')],
      [{ ...post, x: '1150 mm', z: '900 mm', width: '200 mm', height: '900 mm' }],
    );
    expect(remedy?.patches.map(({ path }) => path)).toEqual([
      'cases[0].banks[0].compartment',
      'cases[0].doors[0].over',
    ]);
  });
});

describe('a lid and what opens over it', () => {
  const CHEST = {
    ...{ id: 'c1', name: 'Chest', style: 'frameless', layout: { id: 'in1' }, banks: [] },
    build: { ...BUILD, width: '900 mm', height: '500 mm', depth: '450 mm', top: { kind: 'none' } },
    lids: [{ id: 'l1', material: 'ash19', opens: 80, stay: true }],
    at: { x: '0 mm', z: '0 mm' },
  };
  /** A case to its left that faces it, hung so high; its lower drawer comes out over the chest. */
  const over = (y: string, x = '-600 mm', more: object = {}) => [
    CHEST,
    caseOf('c2', {
      layout: { id: 'in2' },
      banks: [{ ...DRAWERS, id: 'b2', compartment: 'in2' }],
      at: { x, z: '-100 mm', y, turn: 90 },
      ...more,
    }),
  ];
  const LID = 'c1/l1';
  const met = (cases: readonly object[]) => {
    const { written, of } = planned(cases);
    const { meetings } = written as unknown as { meetings: { a: string; b: string }[] };
    return { pairs: meetings.filter(({ a, b }) => a === LID || b === LID), told: of('DRAWERS_MEET') };
  };

  it('meets the drawers that come out into its way, told as a pair, and taken in turn', () => {
    const { pairs, told } = met(over('560 mm'));
    expect(pairs.map(({ b }) => b)).toContain('c2/b2/d2');
    expect(told.length).toBeGreaterThan(0);
    const [{ remedies = [] } = {}] = told;
    const [first] = remedies;
    expect(first?.code).toBe('open-one-first');
    expect(planned(over('560 mm'), undefined, first!.patches).of('DRAWERS_MEET')).toEqual([]);
  });

  it('meets it to the hundredth of a millimetre where it rises that far', () => {
    const { written } = planned(over('1000 mm'));
    const { lids } = written.cases[0] as unknown as { lids: { rise: number }[] };
    // Fronts of the lower drawer begin a panel less their lap over the case’s lower edge; the line is the lid’s upper face, its 19.05 over the sides.
    const least = 519.05 + lids[0]!.rise - (17.7 - 8);
    expect(met(over(`${(least - 0.01).toFixed(4)} mm`)).pairs).not.toEqual([]);
    expect(met(over(`${(least + 0.01).toFixed(4)} mm`)).pairs).toEqual([]);
  });

  it('meets nothing that is over it, or beside it', () => {
    // It rises 450·sin 80° over a line at 500 mm and its own 19: a case hung at a metre is clear of it.
    expect(met(over('1000 mm')).pairs).toEqual([]);
    expect(met(over('560 mm', '-1300 mm')).pairs).toEqual([]);
  });
});
