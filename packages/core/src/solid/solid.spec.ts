import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { BOTTOMS } from '../box';
import type { Axis } from '../casework';
import { partsOf } from '../cutting';
import { JOINTS, type Job } from '../job';
import { plan, readJobDocument, type Plan } from '../plan';
import { WHOLE_CASE, wholeBank, wholeJob } from '../plan/whole-case.spec-data';
import { patched, type Patch } from '../reading';
import { BUILT_IN } from '../slides';
import { openAt, seenFrom } from '../travel';
import { movedBy, reachNow, solidOf, type SolidCase, type SolidPiece } from '.';

const AXES: readonly Axis[] = ['x', 'y', 'z'];
const EXAMPLES = join(__dirname, '../../../../examples');
const long = (piece: SolidPiece, axis: Axis): number => piece[axis].to - piece[axis].from;

function read(document: unknown): { readonly job: Job; readonly made: Plan } {
  const reading = readJobDocument(JSON.parse(JSON.stringify(document)));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return { job: reading.job, made: plan(reading.job) };
}

const examples = readdirSync(EXAMPLES)
  .filter((name) => name.endsWith('.json'))
  .map((name) => ({ name, ...read(JSON.parse(readFileSync(join(EXAMPLES, name), 'utf8'))) }));

/** The solid of every case says the cut list again: the same names, each as long, wide and thick as the part is finished. */
function sameAsCutList(job: Job, made: Plan): readonly SolidCase[] {
  const solids = made.cases.map((owner) => solidOf(job, made, owner));
  const parts = partsOf(job, made).parts.filter(({ use }) => use.role !== 'extra');
  const pieces = new Map(solids.flatMap((solid) => solid.pieces.map((piece) => [piece.name, piece] as const)));
  expect(solids.flatMap(({ unplaced }) => unplaced)).toEqual([]);
  expect([...pieces.keys()].sort()).toEqual(parts.map(({ name }) => name).sort());
  for (const { name, length, width, finished, material, use } of parts) {
    const piece = pieces.get(name)!;
    const { along, across, through } = piece.lies;
    const sizes = [along, across, through].map((axis) => long(piece, axis));
    const wanted = [(finished ?? { length }).length.total, (finished ?? { width }).width.total, material.thickness];
    // Places in a row are whole nanometres: one may be lost.
    const off = sizes.map((size, index) => Math.abs(size - wanted[index]!) <= 1);
    expect([name, use.role, ...off, sizes, wanted]).toEqual([name, use.role, true, true, true, sizes, wanted]);
  }
  return solids;
}

describe('the solid of a case', () => {
  it.each(examples.map(({ name, job, made }) => [name, job, made] as const))(
    'equals the cut list, part by part: %s',
    (_, job, made) => {
      const solids = sameAsCutList(job, made);
      expect(solids.some(({ pieces }) => pieces.length > 10)).toBe(true);
    },
  );

  it('a divider stands in the panel below as deep as its joint is, and on a rail not at all', () => {
    const divided = (over: object) => {
      const { job, made } = read(wholeJob(over, []));
      const [owner] = made.cases;
      const { pieces } = solidOf(job, made, owner!);
      const of = (name: RegExp) => pieces.filter(({ role }) => name.test(role));
      return { divider: of(/^divider$/)[0]!, bottom: of(/^case-bottom$/)[0]! };
    };
    const { divider, bottom } = divided(WHOLE_CASE);
    // A dado 1/4 in deep.
    expect(bottom.y.to - divider.y.from).toBe(6_350_000);
    const { build } = WHOLE_CASE;
    const butt = divided({ ...WHOLE_CASE, build: { ...build, joint: { kind: 'butt' } } });
    expect(butt.bottom.y.to - butt.divider.y.from).toBe(0);
  });

  const choice = fc.record({
    family: fc.constantFrom(...BUILT_IN.map(({ id }) => id)),
    joint: fc.constantFrom(...JOINTS),
    back: fc.constantFrom(...JOINTS),
    bottomFit: fc.constantFrom(...Object.keys(BOTTOMS)),
    mount: fc.constantFrom('overlay', 'inset'),
    frame: fc.boolean(),
    upright: fc.boolean(),
    muntin: fc.boolean(),
    asBox: fc.boolean(),
    pull: fc.constantFrom('made', 'bought', 'none'),
    faceFrame: fc.boolean(),
  });
  const built = fc.sample(choice, { numRuns: 30, seed: 1911 });

  function random(any: (typeof built)[number]): readonly Patch[] {
    const front = 'cases[0].banks[1].front';
    const box = 'cases[0].banks[1].box';
    const set = (path: string, value: unknown): Patch => ({ path, value });
    return [
      set('cases[0].banks[1].slide', { family: any.family, lengths: 'in' }),
      set(`${box}.corner`, {
        joint: any.joint,
        depth: '5 mm',
        short: '10 mm',
        back: { joint: any.back, depth: '4 mm' },
      }),
      set(`${box}.bottomFit`, any.bottomFit),
      ...(any.muntin && any.bottomFit === 'captured'
        ? [set(`${box}.muntin`, { width: '60 mm', material: 'ash19' })]
        : []),
      set(`${front}.mount`, any.mount),
      ...(any.frame
        ? [set(`${front}.frame`, { stile: '50 mm', groove: '8 mm', panel: 'ply6', play: '3 mm' })]
        : any.upright
          ? [set(`${front}.grain`, 'up')]
          : []),
      ...(any.pull === 'none'
        ? []
        : [
            set(`${front}.pull`, {
              ...{ kind: any.pull, school: 'centre', purchase: '8 mm' },
              ...(any.pull === 'made' ? { made: { material: 'ash19', length: '90 mm', height: '25 mm' } } : {}),
            }),
          ]),
    ];
  }
  const bare = { ...WHOLE_CASE, build: { ...WHOLE_CASE.build, frame: undefined }, style: 'frameless' };

  it('equals the cut list of random boxes and fronts, and each box fills just what it is told to', () => {
    for (const any of built) {
      const start = wholeJob(any.faceFrame ? WHOLE_CASE : bare);
      const { job, made } = read(patched(start, random(any)));
      const [solid] = sameAsCutList(job, made);
      for (const bank of made.cases[0]!.banks)
        for (const drawer of bank.drawers) {
          const own = solid!.pieces.filter(({ name }) => name.startsWith(`c1/${bank.id}/${drawer.id}/`));
          const box = own.filter(({ role }) => ['side', 'box-front', 'back', 'bottom', 'muntin'].includes(role));
          if (box.length === 0) continue;
          const from = (axis: Axis) => Math.min(...box.map((piece) => piece[axis].from));
          const to = (axis: Axis) => Math.max(...box.map((piece) => piece[axis].to));
          const of = drawer.dimensions;
          expect([any, drawer.id, Math.round((to('x') - from('x')) / 10)]).toEqual([
            any,
            drawer.id,
            Math.round(of['box.width']!.total / 10),
          ]);
          expect(Math.abs(to('z') - from('z') - of['box.length']!.total)).toBeLessThanOrEqual(1);
          expect(Math.abs(to('y') - from('y') - of['box.height']!.total)).toBeLessThanOrEqual(1);
          expect(from('z')).toBe(of['slide.setback']!.total);
        }
    }
  });

  it('has no drawer, door or wood for slides in the wood of its case', () => {
    for (const { name, job, made } of examples)
      for (const owner of made.cases) {
        const { pieces } = solidOf(job, made, owner);
        const still = pieces.filter(({ name: each }) => each.split('/').length === 2 && !each.includes('door'));
        const others = pieces.filter(({ name: each }) => each.split('/').length > 2);
        for (const one of still)
          for (const other of others) {
            const met = AXES.map(
              (axis) => Math.min(one[axis].to, other[axis].to) - Math.max(one[axis].from, other[axis].from),
            );
            // Thinner than a hundredth of a millimetre is touching.
            if (Math.min(...met) > 10_000) throw new Error(`${name}: ${one.name} in ${other.name} by ${met.join(' ')}`);
          }
      }
  });

  /** A case with one of each: a framed pair of doors with trays behind, drawers, a tilt-out, a board edged all round. */
  const everything = (corner: 'mitre' | 'butt', mount: 'overlay' | 'inset') => {
    const tray = { front: { mount: 'none', material: 'ash19', gap: '0 in', ...EDGES }, behind: 'd1' };
    return wholeJob(
      {
        build: WHOLE_CASE.build,
        layout: {
          id: 'front',
          across: [
            { id: 'left', size: '17 in' },
            { id: 'middle', down: [{ id: 'slot', size: '1 in' }, { id: 'bin' }], between: 'rail' },
            { id: 'right' },
          ],
        },
        doors: [
          {
            ...{ id: 'd1', over: 'left', mount, ...EDGES, gap: '1/8 in', leaves: 2, material: 'ash19' },
            frame: { stile: '2 in', groove: '3/8 in', panel: 'ply6', lights: { across: 2, down: 2 } },
          },
        ],
        tiltOuts: [
          {
            ...{ id: 't1', compartment: 'bin', angle: 28, bin: { width: '10 in', depth: '9 in', height: '14 in' } },
            door: { mount, top: '1/4 in', left: '1/4 in', right: '1/4 in', material: 'ash19' },
          },
        ],
        boards: [
          {
            ...{ id: 'w1', compartment: 'slot', material: 'ply18', length: '18 in' },
            edging: { material: 'ash19', width: '1 in', edges: ['front', 'back', 'left', 'right'], corner },
          },
        ],
      } as never,
      [wholeBank('b1', 'left', 2, tray), wholeBank('b2', 'right', 3)],
    );
  };
  const EDGES = { top: '1/4 in', bottom: '1/4 in', left: '1/4 in', right: '1/4 in' };

  it.each([
    ['mitre', 'overlay'],
    ['butt', 'inset'],
  ] as const)('equals the cut list with everything in it, %s, %s', (corner, mount) => {
    const { job, made } = read(everything(corner, mount));
    const [solid] = sameAsCutList(job, made);
    expect(solid!.motions.map(({ kind }) => kind).sort()).toEqual(
      ['board', 'door', 'door', 'drawer', 'drawer', 'drawer', 'tilt-out', 'tray', 'tray'].sort(),
    );
    const tray = solid!.motions.find(({ kind }) => kind === 'tray')!;
    expect(tray.behind).toEqual(['c1/d1/left', 'c1/d1/right']);
    // What is edged fills its own slot, and nothing of it lies in the rest.
    const board = solid!.pieces.filter(({ moves }) => moves === 'c1/w1');
    for (const [index, one] of board.entries())
      for (const other of board.slice(index + 1)) {
        const met = AXES.map(
          (axis) => Math.min(one[axis].to, other[axis].to) - Math.max(one[axis].from, other[axis].from),
        );
        // Mitred corners share their square.
        if (corner === 'butt' || !(one.role === 'board-edging' && other.role === 'board-edging'))
          expect(Math.min(...met)).toBeLessThanOrEqual(1);
      }
  });

  it('strips that carry slides at the back end where the opening does', () => {
    const bank = wholeBank('b1', 'lower', 3, {
      ...{ slide: { family: 'undermount-16', lengths: 'in' }, mounting: { behind: 'strips' } },
    });
    const { job, made } = read(wholeJob(WHOLE_CASE, [bank]));
    const [owner] = made.cases;
    const strips = solidOf(job, made, owner!).pieces.filter(({ name }) => name.includes('strip'));
    const depth = owner!.casework!.openings[0]!.depth.total;
    const thickness = owner!.banks[0]!.carriers[0]!.thickness;
    expect(strips.map(({ name }) => name)).toEqual(['c1/b1/d1/strip rear left', 'c1/b1/d1/strip rear right']);
    expect(strips.map(({ z }) => [z.from, z.to])).toEqual(strips.map(() => [depth - thickness, depth]));
  });

  it('turns a leaf to where its way in the room has it, and lays a tilt-out out by its angle', () => {
    const { job, made } = read(everything('mitre', 'overlay'));
    const solid = solidOf(job, made, made.cases[0]!);
    const world = made.worlds[0]!;
    for (const motion of solid.motions.filter(({ kind }) => kind === 'door')) {
      const { mover } = world.ways.find((way) => way.mover.name === motion.name)!;
      for (const degrees of [0, 30, 90, 105]) {
        const [slab] = openAt(mover, degrees);
        const seen = slab!.points.map((point) => seenFrom(mover.frame, point));
        const own = solid.pieces.filter(({ moves, role }) => moves === motion.name && role === 'door-stile');
        const corners = own.flatMap(({ x, y, z }) =>
          [x.from, x.to].flatMap((a) =>
            [z.from, z.to].map((b) => movedBy(motion, degrees, [a / 1e6, y.from / 1e6, b / 1e6])),
          ),
        );
        for (const { across, before } of seen) {
          const near = corners.map(([x, , z]) => Math.hypot(x - across / 1e6, z + before / 1e6));
          expect(Math.min(...near)).toBeLessThan(0.001);
        }
      }
    }
    const tilt = solid.motions.find(({ kind }) => kind === 'tilt-out')!;
    expect(tilt).toMatchObject({ full: 28, reach: 28 });
    const { at, back } = tilt.turning!;
    // A place 100 over the hinge line and 40 behind it. Common practice: `z·cosθ − y·sinθ`, `z·sinθ + y·cosθ`.
    const [, up, behind] = movedBy(tilt, 28, [0, at + 100, back + 40]);
    const turn = (28 * Math.PI) / 180;
    expect(behind).toBeCloseTo(40 * Math.cos(turn) - 100 * Math.sin(turn), 9);
    expect(up - at).toBeCloseTo(40 * Math.sin(turn) + 100 * Math.cos(turn), 9);
  });

  it('stops what is opened at what stands open, and says at what', () => {
    const { job, made } = read(everything('mitre', 'overlay'));
    const owner = made.cases[0]!;
    const { motions } = solidOf(job, made, owner);
    const drawer = motions.find(({ kind }) => kind === 'drawer')!;
    const leaf = motions.find(({ name }) => name === 'c1/d1/right')!;
    expect(reachNow(made, owner, motions, leaf.name, new Map())).toMatchObject({ reach: leaf.reach });
    // With the board out the leaf beside it comes no farther than its edge.
    const board = motions.find(({ kind }) => kind === 'board')!;
    const stopped = reachNow(made, owner, motions, leaf.name, new Map([[board.name, board.full]]))!;
    expect(stopped.stoppedBy).toBe(board.name);
    expect(stopped.reach).toBeLessThan(leaf.reach);
    // And the board past the leaf not at all, where that stands open before it.
    const other = reachNow(made, owner, motions, board.name, new Map([[leaf.name, leaf.reach]]))!;
    expect(other).toMatchObject({ stoppedBy: leaf.name });
    expect(reachNow(made, owner, motions, drawer.name, new Map([[board.name, board.full]]))).toEqual({
      reach: drawer.full,
    });
  });

  it('is of banks alone where nobody told how their case is made', () => {
    const rest = { id: 'c1', name: 'Bench', style: 'face-frame' };
    const opening = { width: ['20 in'], height: ['28 in'], depth: ['22 in'] };
    const banks = [1, 2].map((at) => {
      const { compartment: _compartment, ...bank } = wholeBank(`b${at}`, 'x', 2);
      return { ...bank, opening };
    });
    const { job, made } = read({ ...wholeJob(), cases: [{ ...rest, banks }] });
    const [solid] = sameAsCutList(job, made);
    const fronts = solid!.pieces.filter(({ role }) => role === 'drawer-front');
    // The second bank stands beside the first.
    expect(Math.min(fronts[2]!.x.from, fronts[3]!.x.from)).toBeGreaterThan(fronts[0]!.x.to);
    expect(solid!.motions.map(({ kind, full, reach }) => [kind, full === reach])).toEqual(
      Array.from({ length: 4 }, () => ['drawer', true]),
    );
  });
});
