import { add, millimetres as mm, plus, subtract, tally } from '../length';
import { frontOf, type Front, type Ground, type Node } from '.';

/** A case of sides of 18 with 600 × 800 clear from 18 and 100 on, its dividers and shelves of 18. */
const ground = (more: Partial<Ground> = {}): Ground => ({
  ...{ x: mm(18), y: mm(100), left: mm(18), right: mm(618), floor: mm(100), ceiling: mm(900) },
  ...{ width: tally(plus('width', mm(600))), height: tally(plus('length', mm(800))) },
  ...{ floorIs: 'panel', ceilingIs: 'panel', divider: mm(18), shelf: mm(18), middleStile: mm(0), middleRail: mm(0) },
  ...more,
});
const node = (id: string, more: object = {}): Node => ({ id, ...more }) as Node;
const front = (layout: Node, more?: Partial<Ground>): Front => frontOf(layout, ground(more), 'layout');
/** In millimetres. */
const of = (length: number): number => length / 1e6;
const placesOf = ({ compartments }: Front) =>
  compartments.map(({ id, x, y, width, height }) => [id, ...[x, y, width.total, height.total].map(of)]);

const COLUMNS = node('all', { across: [node('a', { size: mm(200) }), node('b')] });
const ROWS = node('all', { down: [node('a', { size: mm(200) }), node('b')] });

describe('columns of a front', () => {
  it('stand beside their divider, from floor to ceiling', () => {
    const made = front(COLUMNS);
    expect(placesOf(made)).toEqual([
      ['a', 18, 100, 200, 800],
      ['b', 236, 100, 382, 800],
    ]);
    expect(made.dividers).toEqual([
      { node: 'a', x: mm(218), from: mm(100), to: mm(900), standsOn: 'panel', reaches: 'panel' },
    ]);
    expect(made.compartments.map(({ left, right }) => [left, right].map(of))).toEqual([
      [18, 218],
      [236, 618],
    ]);
    expect(made.members).toEqual([]);
    expect(made.boundaries).toEqual([
      {
        ...{ kind: 'column', path: 'layout.across', place: 0, node: 'a', x: mm(218), y: mm(100) },
        ...{ long: mm(800), thick: mm(18), before: mm(200), after: mm(382) },
      },
    ]);
  });

  it('have a wider stile before the divider, which stands in its middle behind it; a narrower one stands before its middle', () => {
    const wide = front(COLUMNS, { middleStile: mm(40) });
    // 600 less 200 and 40.
    expect(placesOf(wide)[1]).toEqual(['b', 258, 100, 360, 800]);
    const stile = { kind: 'stile', node: 'a', y: mm(100), length: mm(800) };
    expect(wide.members).toEqual([{ ...stile, x: mm(218), width: mm(40) }]);
    expect(wide.dividers[0]?.x).toBe(mm(229));
    expect(wide.compartments.map(({ left, right }) => [left, right].map(of))).toEqual([
      [18, 229],
      [247, 618],
    ]);
    const narrow = front(COLUMNS, { middleStile: mm(10) });
    expect(narrow.members).toEqual([{ ...stile, x: mm(222), width: mm(10) }]);
    expect(narrow.dividers[0]?.x).toBe(mm(218));
  });

  it('know what stands beside each, also of a split within', () => {
    const within = node('b', { across: [node('c'), node('d')] });
    const { compartments } = front(node('all', { across: [node('a'), within, node('e')] }));
    expect(compartments.map(({ id, beside, within: all }) => [id, ...beside, ...all])).toEqual([
      ['a', 'case-side-left', 'divider a', 'a', 'all'],
      ['c', 'divider a', 'divider c', 'c', 'b', 'all'],
      ['d', 'divider c', 'divider b', 'd', 'b', 'all'],
      ['e', 'divider b', 'case-side-right', 'e', 'all'],
    ]);
    expect(compartments.map(({ path }) => path)).toEqual([
      'layout.across[0]',
      'layout.across[1].across[0]',
      'layout.across[1].across[1]',
      'layout.across[2]',
    ]);
  });
});

describe('rows of a front', () => {
  it('go from the top, a shelf between them from wall to wall', () => {
    const made = front(ROWS);
    expect(placesOf(made)).toEqual([
      ['a', 18, 700, 600, 200],
      ['b', 18, 100, 600, 582],
    ]);
    expect(made.shelves).toEqual([{ node: 'a', between: 'shelf', y: mm(700), left: mm(18), right: mm(618) }]);
    expect(made.compartments.map(({ floor, ceiling }) => [floor, ceiling].map(of))).toEqual([
      [700, 900],
      [100, 682],
    ]);
    expect(made.boundaries).toEqual([
      {
        ...{ kind: 'row', path: 'layout.down', place: 0, node: 'a', x: mm(18), y: mm(682) },
        ...{ long: mm(600), thick: mm(18), before: mm(200), after: mm(582) },
      },
    ]);
    expect(made.members).toEqual([]);
  });

  it('have a rail before the shelf, both level at the top', () => {
    const made = front(ROWS, { middleRail: mm(50) });
    expect(placesOf(made)[1]).toEqual(['b', 18, 100, 600, 550]);
    expect(made.members).toEqual([{ kind: 'rail', node: 'a', x: mm(18), y: mm(650), length: mm(600), width: mm(50) }]);
    expect(of(made.compartments[1]!.ceiling)).toBe(682);
    expect(front(ROWS, { middleRail: mm(10) }).members).toMatchObject([{ y: mm(690), width: mm(10) }]);
  });

  it('with nothing between meet, and leave columns within nothing to stand against', () => {
    const columns = node('b', { across: [node('c'), node('d')] });
    const made = front(node('all', { between: 'none', down: [node('a', { size: mm(200) }), columns] }));
    expect([made.shelves, made.members]).toEqual([[], []]);
    expect(placesOf(made).map(([, , y, , height]) => [y, height])).toEqual([
      [700, 200],
      [100, 600],
      [100, 600],
    ]);
    expect(made.boundaries.map(({ kind, thick }) => [kind, of(thick)])).toEqual([
      ['row', 0],
      ['column', 18],
    ]);
    expect(made.dividers).toMatchObject([{ standsOn: 'panel', reaches: 'open', to: mm(700) }]);
    expect(made.unheld).toEqual([{ path: 'layout.down[1]', node: 'b' }]);
    const above = front(node('all', { between: 'none', down: [columns, node('a')] }));
    expect(above.dividers).toMatchObject([{ standsOn: 'open', reaches: 'panel' }]);
    expect(above.unheld).toEqual([{ path: 'layout.down[0]', node: 'b' }]);
    const held = front(node('all', { between: 'rail', down: [columns, node('a')] }));
    expect([held.dividers[0]?.standsOn, held.unheld]).toEqual(['rail', []]);
  });
});

describe('a compartment that is to fit what stands in it', () => {
  const need = (width: number, height: number) => ({
    width: tally(plus('width', mm(width))),
    height: tally(plus('length', mm(height))),
  });
  const needs = new Map([
    ['c', need(150, 90)],
    ['d', need(170, 120)],
  ]);
  const widths = (made: Front) => made.compartments.map(({ id, width }) => [id, of(width.total)]);

  it('is as wide as its widest row, or as its columns with what is between', () => {
    const rows = node('b', { fit: true, down: [node('c'), node('d')] });
    expect(widths(front(node('all', { across: [rows, node('e')] }), { needs }))).toEqual([
      ['c', 170],
      ['d', 170],
      ['e', 412],
    ]);
    const columns = node('b', { fit: true, across: [node('c', { fit: true }), node('d')] });
    // 150, 18 and 170.
    expect(widths(front(node('all', { across: [columns, node('e')] }), { needs }))).toEqual([
      ['c', 150],
      ['d', 170],
      ['e', 244],
    ]);
    const told = node('b', { fit: true, across: [node('c', { size: mm(100) }), node('d', { fit: true })] });
    expect(widths(front(node('all', { across: [told, node('e')] }), { needs }))[2]).toEqual(['e', 294]);
  });

  it('is not known where one of its columns is not, and where there are none', () => {
    const columns = node('b', { fit: true, across: [node('c'), node('x')] });
    const made = front(node('all', { across: [columns, node('e', { size: mm(100) })] }), { needs });
    expect(made.misfits).toEqual([]);
    expect(widths(made).at(-1)).toEqual(['e', 100]);
    expect(add(...made.compartments.slice(0, 2).map(({ width }) => width.total))).toBe(subtract(mm(482), mm(18)));
  });
});
