import type { NodeOf } from '../job';
import { add, minus, minusTimes, nm, ofField, plus, subtract, tally, type Length, type Tally } from '../length';
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
}

/** A compartment, clear at the front. */
export interface Compartment {
  readonly id: string;
  readonly path: string;
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
  readonly misfits: readonly Misfit[];
  /** Splits into columns beside a boundary with nothing in it: their dividers have nothing to stand against. */
  readonly unheld: readonly { readonly path: string; readonly node: string }[];
}

interface Place {
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
  const found: Found = { compartments: [], dividers: [], shelves: [], members: [], misfits: [], unheld: [] };
  walk(layout, ground, path, ground, found);
  return found;
}

type Found = { -readonly [K in keyof Front]: Front[K][number][] };

function walk(node: Node, place: Place, path: string, ground: Ground, found: Found): void {
  if (node.across) across(node, node.across, place, path, ground, found);
  else if (node.down) down(node, node.down, place, path, ground, found);
  else {
    const { x, y, width, height, left, right, floor, ceiling } = place;
    found.compartments.push({ id: node.id, path, x, y, width, height, left, right, floor, ceiling });
  }
}

/** Columns from the left. */
function across(node: Node, children: readonly Node[], place: Place, path: string, ground: Ground, found: Found): void {
  const member = nm(Math.max(ground.middleStile, ground.divider));
  const sizes = sizesOf(node, children, place.width, member, 'column', path, found);
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
    walk(child, { ...place, x, width, left, right: face }, `${path}.across[${index}]`, ground, found);
    if (last) return;
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

/** Rows from the top. */
function down(node: Node, children: readonly Node[], place: Place, path: string, ground: Ground, found: Found): void {
  const between = node.between ?? 'shelf';
  const member = between === 'none' ? nm(0) : nm(Math.max(ground.middleRail, ground.shelf));
  const sizes = sizesOf(node, children, place.height, member, 'row', path, found);
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

/** The clear size of each child as a sum; those that can't be worked out are missing, and it is told. */
function sizesOf(
  node: Node,
  children: readonly Node[],
  whole: Tally,
  member: Length,
  kind: 'column' | 'row',
  path: string,
  found: Found,
): readonly (Tally | undefined)[] {
  const between = children.length - 1;
  const { sizes, off } = divided(whole.total, nm(between * member), children);
  if (off !== 0) found.misfits.push({ path, node: node.id, off });
  const split = kind === 'column' ? 'across' : 'down';
  const known = add(...sizes.map((size) => size ?? nm(0)));
  return children.map(({ size }, index) => {
    const given = sizes[index];
    if (given === undefined) return undefined;
    if (size !== undefined) return tally(plus('size-given', size, ofField(`${path}.${split}[${index}].size`)));
    return tally(
      plus(kind === 'column' ? 'clear-width' : 'clear-height', whole.total),
      between > 0 ? minusTimes('member-between', between, member) : undefined,
      between > 0 ? minus('clear-beside', subtract(known, given)) : undefined,
    );
  });
}
