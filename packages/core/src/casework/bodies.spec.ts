import fc from 'fast-check';
import type { BuildOf, Material, NodeOf } from '../job';
import { millimetres, type Length } from '../length';
import { planCasework, type Body, type CaseStock } from '.';

const mm = millimetres;
const material = (id: string, thickness: number): Material => ({
  id,
  name: id,
  kind: 'plywood',
  thickness: mm(thickness),
});
const MATERIALS = [material('ply18', 17.7), material('ply6', 5.6), material('ash19', 19.05), material('ply15', 15)];

/** Trees of any depth whose sizes always add up: shares alone, and a size now and then. */
type Tree = Omit<NodeOf<Length>, 'id'>;
const { node: tree } = fc.letrec<{ node: Tree }>((tie) => {
  const children = fc.array(tie('node'), { minLength: 2, maxLength: 3 }) as fc.Arbitrary<NodeOf<Length>[]>;
  return {
    node: fc.oneof<fc.Arbitrary<Tree>[]>(
      { maxDepth: 4, withCrossShrink: true } as never,
      fc.record({ share: fc.integer({ min: 1, max: 5 }) }),
      fc.record({ across: children }),
      fc.record({ down: children, between: fc.constantFrom('shelf' as const, 'rail' as const) }),
    ),
  };
});

function named(node: Omit<NodeOf<Length>, 'id'>, id = 'n'): NodeOf<Length> {
  const children = (list: readonly NodeOf<Length>[] | undefined) =>
    list?.map((each, index) => named(each, `${id}${index}`));
  const { across, down, ...rest } = node;
  return {
    ...rest,
    id,
    ...(across ? { across: children(across) } : {}),
    ...(down ? { down: children(down) } : {}),
  } as NodeOf<Length>;
}

const build: fc.Arbitrary<BuildOf<Length>> = fc
  .record({
    width: fc.integer({ min: 1500, max: 4000 }),
    height: fc.integer({ min: 1200, max: 2400 }),
    depth: fc.integer({ min: 300, max: 700 }),
    bottom: fc.constantFrom('between', 'under', 'stretchers', 'none'),
    top: fc.constantFrom('between', 'over', 'stretchers', 'none'),
    lie: fc.constantFrom('flat', 'upright'),
    dado: fc.integer({ min: 0, max: 8 }),
    back: fc.constantFrom('applied', 'rabbeted', 'grooved', 'none'),
    frame: fc.boolean(),
    kick: fc.boolean(),
    cleats: fc.boolean(),
    worktop: fc.boolean(),
    stands: fc.constantFrom('floor', 'feet', 'plinth', 'legs'),
    tenon: fc.integer({ min: 0, max: 9 }),
    through: fc.constantFrom('stiles', 'rails'),
  })
  .map(
    ({ width, height, depth, bottom, top, lie, dado, back, frame, kick, cleats, worktop, stands, tenon, through }) => ({
      width: mm(width),
      height: mm(height),
      depth: mm(depth),
      panel: 'ply18',
      bottom: { kind: bottom, width: mm(90) },
      top: { kind: top, lie, width: mm(90), count: 2 },
      joint: dado > 0 ? { kind: 'dado', depth: mm(dado) } : { kind: 'butt' },
      back: { kind: back, material: 'ply6', depth: mm(9), set: mm(20), play: mm(1) },
      ...(frame
        ? {
            frame: {
              ...{
                material: 'ash19',
                stile: mm(45),
                middle: mm(38),
                topRail: mm(38),
                bottomRail: mm(38),
                rail: mm(25),
              },
              ...{ over: mm(3), tenon: mm(tenon), through },
            },
          }
        : {}),
      ...(kick && bottom !== 'under'
        ? { base: { kind: 'toe-kick', height: mm(90), setback: mm(75), board: { material: 'ply15', run: 'between' } } }
        : {}),
      ...(cleats ? { cleats: { material: 'ply18', width: mm(80), count: 2 } } : {}),
      ...(worktop
        ? {
            worktop: {
              ...{ material: 'ply18', over: { front: mm(25), left: mm(20), right: mm(20), back: mm(0) } },
              trim: { material: 'ash19', width: mm(38), edges: ['front', 'left', 'right'] },
            },
          }
        : {}),
      stands: {
        kind: stands,
        height: mm(60),
        setback: mm(40),
        inLeft: mm(10),
        inRight: mm(10),
        material: 'ash19',
        size: mm(45),
        apron: mm(50),
        tenon: mm(10),
      },
    }),
  ) as never;

const cases = fc.record({ build, layout: tree.map((node) => named(node)) }).map(({ build: made, layout }) => {
  const stock: CaseStock = {
    ...{ build: made, style: 'face-frame', shelves: [], unit: 'mm', materials: MATERIALS, path: 'cases[0]' },
  };
  return { made, plan: planCasework(stock, layout) };
});

const overlap = (one: Body, other: Body): readonly number[] =>
  (['x', 'y', 'z'] as const).map(
    (axis) => Math.min(one[axis].to, other[axis].to) - Math.max(one[axis].from, other[axis].from),
  );
const called = ({ role, node, index }: Body): string => [role, node, index].join(' ');

/** Members that are notched for others, as deep as those are. */
const NOTCHED = [
  ['divider', 'stretcher'],
  ['divider', 'cleat'],
  ['fixed-shelf', 'cleat'],
  ['case-rail', 'cleat'],
  ['divider', 'case-rail'],
];
const notched = (one: Body, other: Body): boolean =>
  NOTCHED.some((pair) => pair.includes(one.role) && pair.includes(other.role) && one.role !== other.role);

describe('the members of a case where they stand', () => {
  it('are all there, each as large as its row says', () => {
    fc.assert(
      fc.property(cases, ({ plan: { members, bodies } }) => {
        expect(bodies).toHaveLength(members.reduce((sum, { count }) => sum + count, 0));
        for (const { role, node, count, length, width, thickness } of members) {
          const own = bodies.filter((body) => body.role === role && body.node === node);
          const sizes = (['x', 'y', 'z'] as const).map((axis) => own.map((body) => body[axis].to - body[axis].from));
          const wanted = [length.total, width.total, thickness].sort((a, b) => a - b);
          const found = own.filter((_, index) => {
            const has = sizes.map((each) => each[index] ?? 0).sort((a, b) => a - b);
            return has.every((size, at) => Math.abs(size - (wanted[at] ?? 0)) <= 1);
          });
          expect(`${role} ${found.length >= count}`).toBe(`${role} true`);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('stand inside the case, or where they are told to stand out', () => {
    fc.assert(
      fc.property(cases, ({ made, plan: { bodies, outline } }) => {
        const over = outline.overSides;
        for (const body of bodies) {
          if (body.role.startsWith('worktop')) continue;
          const inside =
            body.x.from >= -over &&
            body.x.to <= outline.width.total + over &&
            body.y.from >= 0 &&
            body.y.to <= made.height &&
            body.z.from >= 0 &&
            body.z.to <= made.depth;
          expect(`${called(body)} ${inside}`).toBe(`${called(body)} true`);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('go into each other by their joints and by nothing else', () => {
    fc.assert(
      fc.property(cases, ({ made, plan: { bodies, outline } }) => {
        const most = Math.max(outline.letIn, made.frame?.tenon ?? 0, made.back?.depth ?? 0, made.stands?.tenon ?? 0);
        bodies.forEach((one, at) => {
          for (const other of bodies.slice(at + 1)) {
            const met = overlap(one, other);
            if (met.some((size) => size <= 1) || notched(one, other)) continue;
            // Compartments too small to be are told apart: their members stand one in another.
            if (Math.min(...met) > most) throw new Error(`${called(one)} in ${called(other)} by ${met.join(' ')}`);
          }
        });
      }),
      { numRuns: 150 },
    );
  });

  it('add up along every split to what they divide', () => {
    fc.assert(
      fc.property(cases, ({ made, plan: { front, outline } }) => {
        // Sizes that leave nothing for a compartment are told, and it is not there.
        fc.pre(front.misfits.length === 0);
        const right = front.compartments.reduce((most, { x, width }) => Math.max(most, x + width.total), 0);
        const edge = made.frame ? made.frame.stile - (made.frame.over ?? 0) : outline.panel;
        expect(right).toBe(outline.width.total - edge);
        expect(Math.min(...front.compartments.map(({ x }) => x))).toBe(edge);
      }),
      { numRuns: 100 },
    );
  });

  it('on legs of a square case there is an apron at each of its four edges', () => {
    const stands = {
      kind: 'legs',
      height: mm(150),
      material: 'ash19',
      size: mm(45),
      apron: mm(60),
      tenon: mm(10),
    } as const;
    const square = { width: mm(600), height: mm(900), depth: mm(600), panel: 'ply18', stands } as const;
    const stock: CaseStock = {
      ...{ build: square, style: 'frameless', shelves: [], unit: 'mm', materials: MATERIALS, path: 'cases[0]' },
    };
    const aprons = planCasework(stock, { id: 'A' }).bodies.filter(({ role }) => role === 'apron');
    const places = aprons.map(({ x, z }) => `${x.from / 1e6} ${z.from / 1e6}`);
    expect(new Set(places).size).toBe(4);
    expect(places).toEqual(
      expect.arrayContaining([expect.stringMatching(/^12\.975 /), expect.stringMatching(/ 12\.975$/)]),
    );
  });
});
