import type { NodeOf } from '../job';
import {
  add,
  minus,
  minusTimes,
  nm,
  ofField,
  plus,
  plusTimes,
  subtract,
  tally,
  type Length,
  type Tally,
} from '../length';
import { divided } from './sizes';

export type Node = NodeOf<Length>;

/** What bounds a compartment below or above: `open` where rows meet with nothing between them. */
export type Bound = 'panel' | 'stretchers' | 'shelf' | 'rail' | 'open';

/** Everything the front of a case is divided by. */
export interface Ground {
  /** The whole front, clear: inside the face frame, or between sides, floor and ceiling. */
  readonly x: Length;
  readonly y: Length;
  readonly width: Tally;
  readonly height: Tally;
  /** The sides' inner faces, the floor and the ceiling of the inside. */
  readonly left: Length;
  readonly right: Length;
  readonly floor: Length;
  readonly ceiling: Length;
  readonly floorIs: Bound;
  readonly ceilingIs: Bound;
  /** Thickness of dividers and of what parts rows. */
  readonly divider: Length;
  readonly shelf: Length;
  /** Middle members of the frame; 0 where it has none of a kind. */
  readonly middleStile: Length;
  readonly middleRail: Length;
  /** What compartments that are to fit need, by their ids. */
  readonly needs?: Needs;
}

/** The least opening that takes what stands in a compartment, as far as that is known. */
export interface Need {
  readonly width?: Tally | undefined;
  readonly height?: Tally | undefined;
}
export type Needs = ReadonlyMap<string, Need>;

/** A compartment, clear at the front. */
export interface Compartment {
  readonly id: string;
  readonly path: string;
  /** The node itself and every node it lies in, the nearest first. */
  readonly within: readonly string[];
  /** Names of the members left and right of it. */
  readonly beside: readonly [left: string, right: string];
  readonly x: Length;
  readonly y: Length;
  readonly width: Tally;
  readonly height: Tally;
  /** The faces beside it, behind the frame. */
  readonly left: Length;
  readonly right: Length;
  /** What stands below and above it, behind the frame. */
  readonly floor: Length;
  readonly ceiling: Length;
}

/** A divider between two columns, from the face below it to the face above. */
export interface Divider {
  /** The node to its left. */
  readonly node: string;
  readonly x: Length;
  readonly from: Length;
  readonly to: Length;
  readonly standsOn: Bound;
  readonly reaches: Bound;
}

/** What parts two rows, from wall to wall; `y` is its upper face. */
export interface Shelf {
  /** The node above it. */
  readonly node: string;
  readonly between: 'shelf' | 'rail';
  readonly y: Length;
  readonly left: Length;
  readonly right: Length;
}

/** A member of the frame between two compartments: as long as the clear size it stands in. */
export interface MiddleMember {
  readonly kind: 'stile' | 'rail';
  readonly node: string;
  readonly x: Length;
  readonly y: Length;
  readonly length: Length;
  readonly width: Length;
}

/** Where two columns or two rows meet: from its left (lower) edge as thick as what stands there, along the whole split. */
export interface Boundary {
  readonly kind: 'column' | 'row';
  /** The list of children it parts, and the place of the one to its left or above it. */
  readonly path: string;
  readonly place: number;
  readonly node: string;
  readonly x: Length;
  readonly y: Length;
  readonly long: Length;
  readonly thick: Length;
  /** Clear sizes before and behind it, along the split. */
  readonly before: Length;
  readonly after: Length;
}

/** Sizes that exceed the whole, or fall short of it: by how much, at which node. */
export interface Misfit {
  readonly path: string;
  readonly node: string;
  readonly off: Length;
}

export interface Front {
  readonly compartments: readonly Compartment[];
  readonly dividers: readonly Divider[];
  readonly shelves: readonly Shelf[];
  readonly members: readonly MiddleMember[];
  readonly boundaries: readonly Boundary[];
  readonly misfits: readonly Misfit[];
  /** Splits into columns beside a boundary with nothing in it: their dividers have nothing to stand against. */
  readonly unheld: readonly { readonly path: string; readonly node: string }[];
}

interface Place {
  readonly within: readonly string[];
  readonly beside: Compartment['beside'];
  readonly x: Length;
  readonly y: Length;
  readonly width: Tally;
  readonly height: Tally;
  readonly left: Length;
  readonly right: Length;
  readonly floor: Length;
  readonly ceiling: Length;
  readonly floorIs: Bound;
  readonly ceilingIs: Bound;
}

/** Divides the front of a case. `path` is the layout's, for following back. Steps are bound by the nodes of the tree. */
export function frontOf(layout: Node, ground: Ground, path: string): Front {
  const found: Found = {
    compartments: [],
    dividers: [],
    shelves: [],
    members: [],
    boundaries: [],
    misfits: [],
    unheld: [],
  };
  walk(layout, { ...ground, within: [], beside: ['case-side-left', 'case-side-right'] }, path, ground, found);
  return found;
}

type Found = { -readonly [K in keyof Front]: Front[K][number][] };

function walk(node: Node, around: Place, path: string, ground: Ground, found: Found): void {
  const place = { ...around, within: [node.id, ...around.within] };
  if (node.across) across(node, node.across, place, path, ground, found);
  else if (node.down) down(node, node.down, place, path, ground, found);
  else {
    const { within, beside, x, y, width, height, left, right, floor, ceiling } = place;
    found.compartments.push({ id: node.id, path, within, beside, x, y, width, height, left, right, floor, ceiling });
  }
}

/** As wide as the wider of middle stile and divider. */
const columnMember = ({ middleStile, divider }: Ground): Length => nm(Math.max(middleStile, divider));
/** As high as the higher of middle rail and what parts the rows. */
const rowMember = ({ middleRail, shelf }: Ground, between: Node['between'] = 'shelf'): Length =>
  nm(between === 'none' ? 0 : Math.max(middleRail, shelf));

/** Columns from the left. */
function across(node: Node, children: readonly Node[], place: Place, path: string, ground: Ground, found: Found): void {
  const member = columnMember(ground);
  const sizes = sizesOf({ node, children, ground, kind: 'column', path, found }, place.width, member);
  if (children.length > 1 && (place.floorIs === 'open' || place.ceilingIs === 'open'))
    found.unheld.push({ path, node: node.id });
  let [x, left] = [place.x, place.left];
  for (const [index, child] of children.entries()) {
    const width = sizes[index];
    // From the left as far as it can be worked out.
    if (!width) return;
    const end = add(x, width.total);
    const last = index === children.length - 1;
    const face = last ? place.right : add(end, nm(Math.floor((member - ground.divider) / 2)));
    const beside = besideOf(place, children, index);
    walk(child, { ...place, beside, x, width, left, right: face }, `${path}.across[${index}]`, ground, found);
    if (last) return;
    const next = sizes[index + 1]?.total ?? nm(0);
    const at = { path: `${path}.across`, place: index, node: child.id, before: width.total, after: next };
    found.boundaries.push({ kind: 'column', ...at, x: end, y: place.y, long: place.height.total, thick: member });
    found.dividers.push({
      node: child.id,
      x: face,
      from: place.floor,
      to: place.ceiling,
      standsOn: place.floorIs,
      reaches: place.ceilingIs,
    });
    if (ground.middleStile > 0)
      found.members.push({
        kind: 'stile',
        node: child.id,
        x: add(end, nm(Math.floor((member - ground.middleStile) / 2))),
        y: place.y,
        length: place.height.total,
        width: ground.middleStile,
      });
    left = add(face, ground.divider);
    x = add(end, member);
  }
}

/** What stands left and right of a column: the dividers of its split, or what bounds that. */
function besideOf({ beside }: Place, children: readonly Node[], index: number): Compartment['beside'] {
  const [before, own] = [children[index - 1], children[index]];
  return [
    before ? `divider ${before.id}` : beside[0],
    own && index < children.length - 1 ? `divider ${own.id}` : beside[1],
  ];
}

/** Rows from the top. */
function down(node: Node, children: readonly Node[], place: Place, path: string, ground: Ground, found: Found): void {
  const between = node.between ?? 'shelf';
  const member = rowMember(ground, between);
  const sizes = sizesOf({ node, children, ground, kind: 'row', path, found }, place.height, member);
  let [top, ceiling, ceilingIs] = [add(place.y, place.height.total), place.ceiling, place.ceilingIs];
  for (const [index, child] of children.entries()) {
    const height = sizes[index];
    if (!height) return;
    const y = subtract(top, height.total);
    const last = index === children.length - 1;
    const below = last
      ? { floor: place.floor, floorIs: place.floorIs }
      : { floor: y, floorIs: between === 'none' ? ('open' as const) : between };
    walk(child, { ...place, ...below, y, height, ceiling, ceilingIs }, `${path}.down[${index}]`, ground, found);
    if (last) return;
    const next = sizes[index + 1]?.total ?? nm(0);
    const at = { path: `${path}.down`, place: index, node: child.id, before: height.total, after: next };
    const [under, long] = [subtract(y, member), place.width.total];
    found.boundaries.push({ kind: 'row', ...at, x: place.x, y: under, long, thick: member });
    if (between === 'none') [ceiling, ceilingIs] = [y, 'open'];
    else {
      found.shelves.push({ node: child.id, between, y, left: place.left, right: place.right });
      if (ground.middleRail > 0)
        found.members.push({
          kind: 'rail',
          node: child.id,
          x: place.x,
          y: subtract(y, ground.middleRail),
          length: place.width.total,
          width: ground.middleRail,
        });
      [ceiling, ceilingIs] = [subtract(y, ground.shelf), between];
    }
    top = subtract(y, member);
  }
}

interface Split {
  readonly node: Node;
  readonly children: readonly Node[];
  readonly ground: Ground;
  readonly kind: 'column' | 'row';
  readonly path: string;
  readonly found: Found;
}

/** The clear size of each child as a sum; those that can't be worked out are missing, and it is told. */
function sizesOf(
  { node, children, ground, kind, path, found }: Split,
  whole: Tally,
  member: Length,
): readonly (Tally | undefined)[] {
  const between = children.length - 1;
  const needed = children.map((child) => (child.fit ? needOf(child, kind, ground) : undefined));
  const asked = children.map(({ size, share }, index) => ({ size: size ?? needed[index]?.total, share }));
  const { sizes, off } = divided(whole.total, nm(between * member), asked);
  if (off !== 0) found.misfits.push({ path, node: node.id, off });
  const split = kind === 'column' ? 'across' : 'down';
  const known = add(...sizes.map((size) => size ?? nm(0)));
  return children.map(({ size }, index) => {
    const given = sizes[index];
    if (given === undefined) return undefined;
    if (size !== undefined) return tally(plus('size-given', size, ofField(`${path}.${split}[${index}].size`)));
    if (needed[index]) return needed[index];
    return tally(
      plus(kind === 'column' ? 'clear-width' : 'clear-height', whole.total),
      between > 0 ? minusTimes('member-between', between, member) : undefined,
      between > 0 ? minus('clear-beside', subtract(known, given)) : undefined,
    );
  });
}

/** What a child of a split needs along it: itself, the widest of its rows, or all its columns with what is between. */
function needOf(node: Node, kind: 'column' | 'row', ground: Ground): Tally | undefined {
  const across = kind === 'column';
  const children = node.across ?? node.down;
  if (!children) return ground.needs?.get(node.id)?.[across ? 'width' : 'height'];
  const along = across ? node.across !== undefined : node.down !== undefined;
  const needs = children.map((child) => given(child, along) ?? needOf(child, kind, ground));
  const known = needs.filter((need) => need !== undefined);
  if (!along) return known.sort((a, b) => b.total - a.total)[0];
  if (known.length < children.length) return undefined;
  const member = across ? columnMember(ground) : rowMember(ground, node.between);
  const between = children.length - 1;
  return tally(
    ...known.flatMap(({ terms }) => terms),
    member > 0 ? plusTimes('member-between', between, member) : undefined,
  );
}

/** A size along the split of its parent. */
function given({ size }: Node, along: boolean): Tally | undefined {
  return along && size !== undefined ? tally(plus('size-given', size)) : undefined;
}
