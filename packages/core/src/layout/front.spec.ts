import fc from 'fast-check';
import { add, millimetres, nm, plus, tally, type Length } from '../length';
import { frontOf, type Ground, type Node } from '.';

const mm = millimetres;
const ground = (width: Length, height: Length, stile = 0, rail = 0): Ground => ({
  x: mm(18),
  y: mm(100),
  width: tally(plus('width', width)),
  height: tally(plus('length', height)),
  left: mm(18),
  right: add(mm(18), width),
  floor: mm(100),
  ceiling: add(mm(100), height),
  floorIs: 'panel',
  ceilingIs: 'panel',
  divider: mm(18),
  shelf: mm(18),
  middleStile: mm(stile),
  middleRail: mm(rail),
});

/** Trees of any shape; sizes small enough that they fit. */
const tree = fc.letrec<{ node: Omit<Node, 'id'> }>((tie) => ({
  node: fc.oneof(
    { depthSize: 'small' },
    fc.record({}),
    fc.record({ across: fc.array(sized(tie('node')), { minLength: 2, maxLength: 4 }) }),
    fc.record({
      down: fc.array(sized(tie('node')), { minLength: 2, maxLength: 4 }),
      between: fc.constantFrom('shelf' as const, 'rail' as const),
    }),
  ),
})).node;
function sized(node: fc.Arbitrary<Omit<Node, 'id'>>): fc.Arbitrary<Node> {
  const some = fc.oneof(
    fc.record({ share: fc.double({ min: 0.1, max: 5, noNaN: true }) }),
    fc.record({ size: fc.integer({ min: 1, max: 30_000_000 }).map(nm) }),
    fc.constant({}),
  );
  return fc.tuple(node, some).map(([inner, size]) => ({ id: '', ...inner, ...size }) as Node);
}
function named(node: Node, next = { number: 0 }): Node {
  const id = `n${(next.number += 1)}`;
  const all = (each: Node): Node => named(each, next);
  if (node.across) return { ...node, id, across: node.across.map(all) };
  return node.down ? { ...node, id, down: node.down.map(all) } : { ...node, id };
}
const leaves = (node: Node): readonly Node[] =>
  [...(node.across ?? []), ...(node.down ?? [])].flatMap(leaves).concat((node.across ?? node.down) ? [] : [node]);

describe('the front of a case', () => {
  it('adds up exactly: every strip across it is clear sizes and members, and nothing else', () => {
    fc.assert(
      fc.property(tree, fc.nat(60), fc.nat(60), (shape, stile, rail) => {
        const [width, height] = [mm(6000), mm(6000)];
        const layout = named({ id: '', ...shape } as Node);
        const { compartments, misfits } = frontOf(layout, ground(width, height, stile, rail), 'layout');
        fc.pre(misfits.length === 0);
        expect(compartments.map(({ id }) => id).sort()).toEqual(
          leaves(layout)
            .map(({ id }) => id)
            .sort(),
        );
        for (const { x, y, width: wide, height: high } of compartments) {
          expect(x).toBeGreaterThanOrEqual(mm(18));
          expect(y).toBeGreaterThanOrEqual(mm(100));
          expect(x + wide.total).toBeLessThanOrEqual(mm(18) + width);
          expect(y + high.total).toBeLessThanOrEqual(mm(100) + height);
        }
        // Two compartments are apart, across or up and down, by a member at least.
        for (const one of compartments)
          for (const other of compartments)
            if (one !== other) {
              const apart = (from: Length, size: Length, to: Length): number => to - from - size;
              const least = Math.max(
                apart(one.x, one.width.total, other.x),
                apart(other.x, other.width.total, one.x),
                apart(one.y, one.height.total, other.y),
                apart(other.y, other.height.total, one.y),
              );
              expect(least).toBeGreaterThanOrEqual(mm(18));
            }
      }),
      { numRuns: 200 },
    );
  });

  it('gives the last that shares what is left over, to the nanometre', () => {
    const layout: Node = { id: 'f', across: [{ id: 'a' }, { id: 'b' }, { id: 'c' }] };
    const { compartments } = frontOf(layout, ground(nm(100_000_001), mm(500)), 'layout');
    const sizes = compartments.map(({ width }) => width.total);
    expect(sizes).toEqual([21_333_333, 21_333_333, 21_333_335]);
    expect(add(...sizes) + 2 * mm(18)).toBe(100_000_001);
  });

  it('shares by what each is to have of the rest', () => {
    const layout: Node = { id: 'f', across: [{ id: 'a', size: mm(100) }, { id: 'b', share: 3 }, { id: 'c' }] };
    const { compartments } = frontOf(layout, ground(mm(536), mm(500)), 'layout');
    expect(compartments.map(({ width }) => width.total)).toEqual([mm(100), mm(300), mm(100)]);
  });

  it('tells by how much sizes are too much, or fall short, and works out what can be from the left', () => {
    const over: Node = { id: 'f', across: [{ id: 'a', size: mm(300) }, { id: 'b' }, { id: 'c', size: mm(250) }] };
    const front = frontOf(over, ground(mm(536), mm(500)), 'layout');
    expect(front.misfits).toEqual([{ path: 'layout', node: 'f', off: mm(50) }]);
    expect(front.compartments.map(({ id }) => id)).toEqual(['a']);
    const short: Node = {
      id: 'f',
      across: [
        { id: 'a', size: mm(300) },
        { id: 'b', size: mm(200) },
      ],
    };
    expect(frontOf(short, ground(mm(536), mm(500)), 'layout').misfits[0]?.off).toBe(-mm(18));
  });

  it('leaves columns nothing to stand against beside rows with nothing between them', () => {
    const down = [
      { id: 'a', size: mm(200) },
      { id: 'b', across: [{ id: 'c' }, { id: 'd' }] },
    ];
    const front = frontOf({ id: 'f', down, between: 'none' }, ground(mm(536), mm(500)), 'layout');
    expect(front.unheld).toEqual([{ path: 'layout.down[1]', node: 'b' }]);
    expect(front.compartments.find(({ id }) => id === 'a')?.y).toBe(mm(400));
  });
});
