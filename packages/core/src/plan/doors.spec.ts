import fc from 'fast-check';
import { ENGLISH, millimetres, wordsIn } from '..';
import { patched } from '../reading';
import { planDocument } from './document';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const DOOR = {
  ...{ id: 'o1', over: 'left', mount: 'overlay', top: '1/2 in', bottom: '1/2 in', left: '1/2 in', right: '1/2 in' },
  ...{ gap: '1/8 in', material: 'ply18' },
};
const FRONT = { mount: 'overlay', top: '1/2 in', bottom: '5/16 in', gap: '1/8 in', material: 'ash19' };
const FRAMELESS = {
  build: {
    ...{ width: '1000 mm', height: '700 mm', depth: '560 mm', panel: 'ply18' },
    joint: { kind: 'butt' },
    back: { kind: 'applied', material: 'ply6' },
  },
  layout: {
    id: 'front',
    across: [{ id: 'left', down: [{ id: 'upper', size: '300 mm' }, { id: 'lower' }] }, { id: 'right' }],
  },
};

/** The plan of a case with these doors, in millimetres; and what is said of it. */
function planned(doors: readonly object[], over: object = WHOLE_CASE, more: object = {}) {
  const read = readJobDocument(wholeJob({ ...over, doors }, [], more));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const words = wordsIn(ENGLISH, { unit: read.job.unit, step: made.step });
  const [owner] = planDocument(made, words).cases;
  return { owner: owner!, plan: made.cases[0]!, codes: made.cases[0]!.findings.map(({ code }) => code), job: read.job };
}

const inchesOf = (mm: number): number => mm / 25.4;

describe('leaves', () => {
  it('lap their opening, one or two of them; the left one takes the nanometre', () => {
    const { owner, plan: whole } = planned([DOOR]);
    const opening = whole.casework!.openings.find(({ compartment }) => compartment.id === 'left')!.compartment;
    const [door] = owner.doors!;
    expect(inchesOf(door!.leaf!.width)).toBeCloseTo(18, 6);
    expect(door!.leaf!.height).toBeCloseTo(opening.height.total / 1e6 + 25.4, 6);
    const pair = planned([{ ...DOOR, leaves: 2, left: '0.000001 mm' }]).owner.doors![0]!;
    const [left, right] = pair.leaves!;
    expect(Math.round((left!.width - right!.width) * 1e6)).toBe(1);
  });

  it('and gaps and laps together give the opening, whatever they are', () => {
    const length = fc.integer({ min: 0, max: 19_000_000 });
    fc.assert(
      fc.property(
        length,
        length,
        length,
        fc.constantFrom('overlay', 'inset'),
        fc.constantFrom(1, 2),
        (left, right, gap, mount, leaves) => {
          const nm = (each: number): string => `${each / 1e6} mm`;
          const { plan: whole } = planned([{ ...DOOR, mount, leaves, left: nm(left), right: nm(right), gap: nm(gap) }]);
          const [door] = whole.doors;
          const sum = door!.leaves.reduce((all, { width }) => all + width.total, 0);
          const laps = (mount === 'overlay' ? 1 : -1) * (left + right);
          expect(sum + (leaves - 1) * gap - laps).toBe(door!.opening.width.total);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a hinge as long as the leaf is neither counted nor too weak', () => {
    const { plan: whole, codes } = planned([{ ...DOOR, hinge: { family: 'piano' } }], FRAMELESS);
    expect([whole.doors[0]!.leaves[0]!.hinges, codes.includes('HINGES_TOO_FEW')]).toEqual([[], false]);
  });

  it('over a node that is divided close all of it', () => {
    const { plan: whole } = planned([{ ...DOOR, over: 'left' }], FRAMELESS);
    const { openings } = whole.casework!;
    const [upper, lower] = ['upper', 'lower'].map((id) => openings.find(({ compartment }) => compartment.id === id)!);
    const door = whole.doors[0]!;
    expect(door.opening.height.total).toBe(
      upper!.compartment.height.total + lower!.compartment.height.total + millimetres(17.7),
    );
    expect(door.opening.width.total).toBe(upper!.compartment.width.total);
  });

  it('as built follow the least that was measured', () => {
    const opening = { width: ['17 1/16 in', '17 in'], height: ['26 in', '26 1/32 in'] };
    const { leaf } = planned([{ ...DOOR, basis: 'as-built', opening }]).owner.doors![0]!;
    expect([inchesOf(leaf!.width), inchesOf(leaf!.height)]).toEqual([18, 27]);
  });
});

describe('edges of a door', () => {
  it('are carried level with those of a drawer in the next bank', () => {
    const lines = { top: 'b1/d1', bottom: 'b1/d2' };
    const document = (more: object) =>
      wholeJob({ ...WHOLE_CASE, doors: [{ ...DOOR, ...more }] }, [wholeBank('b1', 'lower', 3)]);
    for (const mount of ['overlay', 'inset']) {
      const read = readJobDocument(document({ lines, mount }));
      if (!read.ok) throw new Error(JSON.stringify(read.errors));
      const [owner] = plan(read.job).cases;
      const place = owner!.casework!.front.compartments.find(({ id }) => id === 'lower')!;
      const [first, second] = owner!.banks[0]!.drawers.map(({ dimensions }) => dimensions);
      const [leaf] = owner!.doors[0]!.leaves;
      expect(leaf!.y).toBe(place.y + second!['front.bottomY']!.total);
      expect(leaf!.y + leaf!.height.total).toBe(
        place.y + first!['front.bottomY']!.total + first!['front.height']!.total,
      );
    }
    // What collides is mended by its lap, and the line that decided it is gone.
    const beside = { ...DOOR, over: 'upper', lines: { bottom: 'b1/d1' } };
    const collides = patched(document({}), [{ path: 'cases[0].doors', value: [beside] }]);
    const read = readJobDocument(collides);
    if (!read.ok) throw new Error(JSON.stringify(read.errors));
    const [told] = plan(read.job).cases[0]!.findings.filter(({ code }) => code === 'FRONTS_COLLIDE');
    for (const { patches } of told!.remedies!) {
      const again = readJobDocument(JSON.parse(JSON.stringify(patched(collides, patches))));
      if (!again.ok) throw new Error(JSON.stringify(again.errors));
      expect(plan(again.job).cases[0]!.findings.map(({ code }) => code)).not.toContain('FRONTS_COLLIDE');
    }
    const wrong = readJobDocument(document({ lines: { top: 'b1/d9' } }));
    expect(wrong.ok ? [] : wrong.errors.map(({ path }) => path)).toEqual(['cases[0].doors[0].lines.top']);
  });
});

describe('hinges', () => {
  const cup = (more: object) =>
    planned([{ ...DOOR, over: 'right', left: '16 mm', hinge: { family: 'cup-110-full' }, ...more }], FRAMELESS);

  it('tab = overlay − base + plate, the plate whose tab is nearest 4.5 mm, the lower of two: common practice', () => {
    const of = (left: string, more: object = {}) => {
      const { tabs, plate } = cup({ left, ...more }).owner.doors![0]!;
      return [tabs['left'], plate];
    };
    expect(of('16 mm')).toEqual([5, 2]);
    expect(of('17.5 mm')).toEqual([4.5, 0]);
    // 3.5 with no plate and 5.5 with one of 2: alike, the lower.
    expect(of('16.5 mm')).toEqual([3.5, 0]);
    expect(of('16 mm', { plates: ['0 mm'] })).toEqual([3, 0]);
    expect(of('12.9 mm', { plates: ['0 mm', '3 mm'] })).toEqual([undefined, 3]);
  });

  it('stand in by 12 mm, what their base is under 13, and the plate', () => {
    const of = (family: string, left: string, more: object = {}) =>
      cup({ left, hinge: { family }, ...more }).owner.doors![0]!.protrusion['left'];
    expect(of('cup-110-full', '16 mm')).toBe(14);
    expect(of('cup-110-half', '8 mm')).toBe(21.5);
    expect(of('cup-110-inset', '2 mm', { mount: 'inset' })).toBe(32);
    expect(of('cup-165-full', '16 mm')).toBe(0);
    expect(of('cup-frame', '16 mm')).toBe(5);
  });

  it('are as many as height and weight ask for, and stand clear of fixed shelves', () => {
    const places = (more: object) => cup(more).owner.doors![0]!.hinges;
    expect(places({})).toEqual([
      76.2,
      planned([{ ...DOOR, over: 'right' }], FRAMELESS).owner.doors![0]!.leaf!.height - 76.2,
    ]);
    expect(places({ hinge: { family: 'cup-110-full', count: 3 } })).toHaveLength(3);
    // The shelf between upper and lower, hinged on the side it stands against.
    const [door] = cup({ over: 'left', hinge: { family: 'cup-110-full', count: 3 } }).plan.doors;
    const shelf = cup({}).plan.casework!.bodies.find(({ role }) => role === 'fixed-shelf')!.y;
    for (const { total } of door!.leaves[0]!.hinges) {
      const at = door!.leaves[0]!.y + total;
      expect(at + millimetres(32) <= shelf.from || at - millimetres(32) >= shelf.to).toBe(true);
    }
  });

  it('as a trial of one gave: what it lapped, less its tab, with its plate, is its base; and it is in hand', () => {
    const door = { ...DOOR, left: '16 mm', hinge: { family: 'cup-110-full' } };
    const of = (more: object) => {
      const { plan: whole, codes } = planned([{ ...door, ...more }], FRAMELESS);
      return { leaf: whole.doors[0]!.leaves[0]!, codes };
    };
    // 16 − 13 + 2 = 5 mm by the table; it lapped 1 mm less, so that 1 mm more of tab is wanted: on no plate 4 mm.
    expect(of({}).leaf.cup).toMatchObject({ plate: 2e6, tab: { total: 5e6 } });
    const { leaf } = of({ trial: { tab: '5 mm', plate: '2 mm', overlay: '15 mm' } });
    expect(leaf.cup).toMatchObject({ plate: 0, tab: { total: 4e6 } });
    expect(leaf.cup!.tab!.terms.map(({ from }) => from)).toContainEqual({
      kind: 'field',
      path: 'cases[0].doors[0].trial.overlay',
    });
    // 12 + 13 − 12, on no plate.
    expect(leaf.protrusion).toBe(13e6);
    // As planned, it changes nothing.
    expect(of({ trial: { tab: '5 mm', plate: '2 mm', overlay: '16 mm' } }).leaf.cup!.tab!.total).toBe(5e6);
  });

  it('own rows are the row they are like with figures of their own', () => {
    const hinges = [{ id: 'mine', like: 'cup-110-full', overlay: { base: '10 mm' }, zone: '40 mm', load_kg: 9 }];
    const { plan: whole } = planned([{ ...DOOR, hinge: { family: 'mine' }, left: '14 mm' }], FRAMELESS, { hinges });
    expect(whole.doors[0]!.leaves[0]!.cup!.tab!.total).toBe(millimetres(4));
    expect(whole.doors[0]!.leaves[0]!.protrusion).toBe(millimetres(15));
    const read = readJobDocument(wholeJob({ ...WHOLE_CASE, doors: [{ ...DOOR, hinge: { family: 'none' } }] }));
    expect(read.ok ? [] : read.errors.map(({ path }) => path)).toEqual(['cases[0].doors[0].hinge.family']);
  });

  it('are bored into the back along their edge, their plates into the wall', () => {
    const { plan: whole } = cup({ left: '16 mm' });
    const cups = whole.doors[0]!.pieces[0]!.cuts.filter(({ kind }) => kind === 'cup');
    expect(cups.map(({ in: inwards, depth }) => [inwards.total, depth?.total])).toEqual([
      [millimetres(22.5), millimetres(12.5)],
      [millimetres(22.5), millimetres(12.5)],
    ]);
  });
});

describe('framed doors', () => {
  const frame = { stile: '57 mm', corner: 'stub', tenon: '10 mm', groove: '9 mm', play: '3 mm', panel: 'ply6' };
  const parts = (more: object) =>
    planned([{ ...DOOR, material: 'ash19', frame: { ...frame, ...more } }]).owner.doors![0]!;
  const of = (door: ReturnType<typeof parts>, role: string) =>
    door.parts.filter((part) => part.role === role).map(({ count, length, width }) => [count, length, width]);

  it('stiles full height, rails and panels between them: common practice', () => {
    const door = parts({});
    const [w, h] = [door.leaf!.width, door.leaf!.height];
    expect(of(door, 'door-stile')).toEqual([[2, h, 57]]);
    const near = (rows: readonly (readonly number[])[]) =>
      rows.map((row) => row.map((each) => expect.closeTo(each, 5)));
    expect(of(door, 'door-rail')).toEqual(near([[2, w - 114 + 20, 57]]));
    expect(of(door, 'door-panel')).toEqual(near([[1, h - 114 + 18 - 3, w - 114 + 18 - 3]]));
    expect(of(parts({ corner: 'plain' }), 'door-rail')).toEqual(near([[2, w - 114, 57]]));
    expect(of(parts({ corner: 'mitre' }), 'door-rail')).toEqual(near([[2, w, 57]]));
  });

  it('panels have the usual play, of solid wood as much as they grow: Wood Handbook, ch. 13', () => {
    const frame = { stile: '57 mm', groove: '10 mm', panel: 'ply6' };
    const panelOf = (more: object, job: object = { unit: 'mm' }) => {
      const { plan: whole } = planned([{ ...DOOR, frame: { ...frame, ...more } }], FRAMELESS, job);
      const [door] = whole.doors;
      const panel = door!.members.find(({ role }) => role === 'door-panel')!;
      return { play: door!.play, wide: panel.width.total, whole: door!.leaves[0]!.width.total - 114e6 + 20e6 };
    };
    for (const [more, job, play] of [
      [{}, { unit: 'mm' }, 3e6],
      [{}, { unit: 'in' }, 3_175_000],
      [{ play: '2 mm' }, { unit: 'mm' }, 2e6],
    ] as const) {
      const found = panelOf(more, job);
      expect([found.play, found.whole - found.wide]).toEqual([play, play]);
    }
    // Solid ash across the grain, in made-up air: the width of the panel × 0.00274 × the rise.
    const solid = panelOf({ panel: 'ash19' });
    expect(solid.whole - solid.wide).toBe(solid.play);
    const two = panelOf({ panel: 'ash19', lights: { across: 2, down: 1 } });
    expect(two.play).toBeLessThan(solid.play / 1.5);
    expect(solid.play).toBeGreaterThan(0.005 * solid.whole);
  });

  it('lights alike to the nanometre; put together again they make the door', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 4 }), (across, down) => {
        const { plan: whole } = planned([
          { ...DOOR, material: 'ash19', frame: { ...frame, middle: '40 mm', lights: { across, down } } },
        ]);
        const [door] = whole.doors;
        const [leaf] = door!.leaves;
        const panels = door!.pieces.filter(({ member }) => member.role === 'door-panel');
        expect(panels).toHaveLength(across * down);
        const clear = (size: number): number => size - 2 * 9e6 + 3e6;
        const wide = panels.slice(0, across).reduce((sum, { member }) => sum + clear(member.width.total), 0);
        expect(wide + (across - 1) * 40e6 + 2 * 57e6).toBe(leaf!.width.total);
        const column = panels.filter((_, index) => index % across === 0);
        const high = column.reduce((sum, { member }) => sum + clear(member.length.total), 0);
        expect(high + (down - 1) * 40e6 + 2 * 57e6).toBe(leaf!.height.total);
        const count = (role: string): number => door!.pieces.filter(({ member }) => member.role === role).length;
        expect([count('door-middle-rail'), count('door-middle-stile')]).toEqual([down - 1, (across - 1) * down]);
      }),
      { numRuns: 16 },
    );
  });
});

describe('what is said of doors', () => {
  const said = (door: object, over: object = FRAMELESS) =>
    planned([{ ...DOOR, left: '16 mm', over: 'right', hinge: { family: 'cup-110-full' }, ...door }], over).codes;
  const frame = { stile: '57 mm', corner: 'plain', groove: '9 mm', play: '3 mm', panel: 'ply6' };
  const tall = {
    ...FRAMELESS,
    build: { ...FRAMELESS.build, width: '700 mm', height: '1300 mm' },
    layout: { id: 'right' },
  };
  const cases: readonly (readonly [code: string, over: object, under: object, of?: object])[] = [
    ['HINGE_REACH', { left: '11.9 mm', plates: ['0 mm', '4 mm'].slice(0, 1) }, { left: '16 mm', plates: ['0 mm'] }],
    [
      'HINGES_TOO_FEW',
      { hinge: { family: 'cup-110-full', count: 1 } },
      { hinge: { family: 'cup-110-full', count: 2 } },
    ],
    ['DOOR_TOO_WIDE', {}, { leaves: 2, right: '16 mm' }, tall],
    ['DOOR_THIN', { material: 'ply12' }, { material: 'ply18' }],
    ['DOOR_SAGS', { frame }, { frame: { ...frame, corner: 'stub' } }, tall],
    [
      'FRAME_WALL_THIN',
      { material: 'ash19', frame: { ...frame, grooveWidth: '9.6 mm' } },
      { material: 'ash19', frame: { ...frame, grooveWidth: '9.5 mm' } },
    ],
    [
      'NO_STOP',
      { mount: 'inset', hinge: { family: 'butt' } },
      { mount: 'inset', hinge: { family: 'butt' }, stop: 'rail' },
    ],
    ['DOOR_IMPOSSIBLE', { frame: { ...frame, stile: '300 mm' } }, { frame }],
  ];
  it.each(cases.map(([code, ...of]) => ({ code, of })))(
    '$code on the one side of its limit and not on the other',
    ({ code, of: [over, under, of] }) => {
      expect(said(over, of)).toContain(code);
      expect(said(under, of)).not.toContain(code);
    },
  );

  it('every remedy takes it away, and the job is read again', () => {
    const pair = { leaves: 2, left: '11.9 mm', right: '11.9 mm', plates: ['0 mm'] };
    for (const [code, door, , of = FRAMELESS] of [...cases, ['HINGE_REACH', pair, {}] as const]) {
      const document = wholeJob(
        { ...of, doors: [{ ...DOOR, left: '16 mm', over: 'right', hinge: { family: 'cup-110-full' }, ...door }] },
        [],
      );
      const read = readJobDocument(document);
      if (!read.ok) throw new Error(JSON.stringify(read.errors));
      const finding = plan(read.job).cases[0]!.findings.find((each) => each.code === code)!;
      for (const { patches } of finding.remedies ?? []) {
        const again = readJobDocument(JSON.parse(JSON.stringify(patched(document, patches))));
        if (!again.ok) throw new Error(`${code}: ${JSON.stringify(again.errors)}`);
        expect(plan(again.job).cases[0]!.findings.map((each) => each.code)).not.toContain(code);
      }
    }
  });
});

describe('banks and doors of one case', () => {
  it('a door’s parts are in no list of the case’s own, and none is listed twice', () => {
    const { owner } = planned([DOOR]);
    expect(owner.parts!.some(({ role }) => role.startsWith('door'))).toBe(false);
  });

  it('a door and a bank on one divider lap it by half of what the gap leaves, or collide; so do two doors', () => {
    const beside = (lap: string, more: object = {}) => {
      const banks = [wholeBank('b1', 'right', 2, { front: { ...FRONT, left: '3/8 in', right: '0 in' } })];
      const doors = [{ ...DOOR, over: 'lower', right: lap, left: '0 in', top: '0 in', bottom: '0 in', ...more }];
      const read = readJobDocument(wholeJob({ ...FRAMELESS, doors }, banks));
      if (!read.ok) throw new Error(JSON.stringify(read.errors));
      const [owner] = plan(read.job).cases;
      const all = new Set([...owner!.findings, ...owner!.banks.flatMap(({ findings }) => findings)]);
      return [...all].filter(({ code }) => code === 'FRONTS_COLLIDE').length;
    };
    // 17.7 mm, less 9.525 and a gap of 3.175: 5 mm are left.
    expect(beside('5 mm')).toBe(0);
    expect(beside('5.1 mm')).toBe(2);
    const over = { ...DOOR, id: 'o2', over: 'upper', left: '0 in', right: '0 in', top: '0 in', bottom: '9 mm' };
    const { plan: two } = planned(
      [{ ...DOOR, over: 'lower', left: '0 in', right: '0 in', bottom: '0 in', top: '6 mm' }, over],
      FRAMELESS,
    );
    expect(two.findings.filter(({ code }) => code === 'FRONTS_COLLIDE')).toHaveLength(2);
  });
});
