import { lyingOf, type Body } from '../casework';
import type { DoorPlan } from '../doors';
import { nm } from '../length';
import { leafName, type CasePlan } from '../plan';
import { placed, type Place } from './piece';

/** Where a piece of a case stands, and the address of what it moves with. */
export interface Standing {
  readonly place: Place;
  readonly moves?: string;
}

/** Every piece of a case but those of its banks, by kind and node in the order they are counted in. */
export function memberPlaces(plan: CasePlan): ReadonlyMap<string, readonly Standing[]> {
  const found = new Map<string, Standing[]>();
  const add = (role: string, node: string | undefined, standing: Standing): void => {
    const key = placesOf(role, node);
    found.set(key, [...(found.get(key) ?? []), standing]);
  };
  const stand = (body: Body, moves?: string): void => {
    const { role, node, x, y, z } = body;
    add(role, node, { place: { x, y, z, lies: lyingOf(body) }, ...(moves === undefined ? {} : { moves }) });
  };
  for (const body of plan.casework?.bodies ?? []) stand(body);
  for (const door of plan.doors)
    for (const each of leafPieces(door, (leaf) => leafName(plan.id, door, leaf))) add(each.role, each.node, each);
  for (const thing of plan.things) {
    const moves = `${plan.id}/${thing.id}`;
    if (thing.kind === 'tilt-out')
      for (const each of leafPieces(thing.door, () => moves)) add(each.role, each.node, each);
    for (const body of thing.bodies) stand(body, FIXED.has(body.role) ? undefined : moves);
  }
  return found;
}

/** What of a thing is fixed in the case. */
const FIXED: ReadonlySet<Body['role']> = new Set<Body['role']>(['board-guide', 'lid-strip']);

/** The key of pieces that are counted together. */
export const placesOf = (role: string, node: string | undefined): string => `${role} ${node ?? ''}`;

interface LeafPiece extends Standing {
  readonly role: string;
  readonly node: string | undefined;
}

/** What a leaf is made of where it lies on it; a panel in the middle of the thickness of its frame. */
function leafPieces(door: DoorPlan, moves: (hinged: string) => string): readonly LeafPiece[] {
  const front = door.door.mount === 'inset' ? 0 : -door.thickness;
  return door.pieces.flatMap(({ member, leaf: at, x, y }): readonly LeafPiece[] => {
    const leaf = door.leaves[at];
    if (!leaf) return [];
    const { role, node, length, width, thickness } = member;
    const nowhere = { from: nm(0), to: nm(0) };
    const lies = lyingOf({ role, index: 0, material: member.material, x: nowhere, y: nowhere, z: nowhere });
    const size = { length: length.total, width: width.total, thickness };
    const z = front + (door.thickness - thickness) / 2;
    const place = placed(lies, size, { x: leaf.x + x, y: leaf.y + y, z });
    return [{ role, node, place, moves: moves(leaf.hinged) }];
  });
}
