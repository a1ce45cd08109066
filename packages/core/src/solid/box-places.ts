import { BOTTOMS, lossOf, type Part, type PartRole } from '../box';
import { FLAT, FLAT_BACK, ON_EDGE, ON_EDGE_BACK } from '../casework';
import { backCorner, CORNERS, type Bank, type Box, type Corner } from '../job';
import { ZERO } from '../length';
import type { DrawerPlan } from '../plan';
import { centred, placed, type Place, type Size } from './piece';

/** A box of its own sizes, where it stands in its case. */
export interface BoxAt {
  readonly drawer: DrawerPlan;
  readonly bank: Bank;
  readonly box: Box;
  /** Its left outer face, its lower edge, and its front end. */
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly width: number;
  readonly height: number;
  readonly length: number;
}

type BoxRole = 'side' | 'box-front' | 'back' | 'bottom' | 'muntin';

/** The pieces of a kind, in the order they are counted in. */
export function boxPlaces(at: BoxAt, role: PartRole): readonly Place[] {
  const part = partOf(at, role);
  return part && Object.hasOwn(PLACES, role) ? PLACES[role as BoxRole](at, part) : [];
}

const PLACES: Readonly<Record<BoxRole, (at: BoxAt, part: Part) => readonly Place[]>> = {
  side: sides,
  'box-front': boxFront,
  back,
  bottom,
  muntin,
};

const partOf = ({ drawer }: BoxAt, role: PartRole): Part | undefined => drawer.parts.find((part) => part.role === role);
const thicknessOf = (at: BoxAt, role: PartRole): number => partOf(at, role)?.thickness ?? 0;

function sizeOf({ length, width, thickness }: Part): Size | undefined {
  return length && width && { length: length.total, width: width.total, thickness };
}

/** What lies over a bottom that is applied from below stands on it. */
const lift = (at: BoxAt): number => (BOTTOMS[at.box.bottomFit].underSides ? thicknessOf(at, 'bottom') : 0);

const inward = ({ joint, short }: Corner): number => (CORNERS[joint].inward ? (short ?? 0) : 0);

const faced = (at: BoxAt): boolean => partOf(at, 'box-front') === undefined;

function sides(at: BoxAt, part: Part): readonly Place[] {
  const size = sizeOf(part);
  if (!size) return [];
  const z = at.z + (faced(at) ? 0 : behindFront(at));
  return [at.x, at.x + at.width - size.thickness].map((x) => placed(ON_EDGE_BACK, size, { x, y: at.y + lift(at), z }));
}

/** What a side is shorter by at its front end; behind a tray's wider front it ends at that. */
function behindFront(at: BoxAt): number {
  const { mount, over = 0 } = at.bank.front;
  const end = partOf(at, 'box-front')?.thickness ?? ZERO;
  return mount === 'none' && over > 0 ? end : lossOf(at.box.corner, end);
}

function boxFront(at: BoxAt, part: Part): readonly Place[] {
  const size = sizeOf(part);
  if (!size) return [];
  const x = centred(at.x, at.width, size.length);
  return [placed(ON_EDGE, size, { x, y: at.y + lift(at), z: at.z + inward(at.box.corner) })];
}

/** The back ends at the top edge: where the bottom slides in under it, it stands on that. */
function back(at: BoxAt, part: Part): readonly Place[] {
  const size = sizeOf(part);
  if (!size) return [];
  const x = centred(at.x, at.width, size.length);
  const z = at.z + at.length - inward(backCorner(at.box)) - size.thickness;
  return [placed(ON_EDGE, size, { x, y: at.y + at.height - size.width, z })];
}

/** From the front end to where a bottom in grooves begins; half its play is left on either end. */
function bottomFrom(at: BoxAt): number {
  if (BOTTOMS[at.box.bottomFit].onOutside) return at.z;
  const front = faced(at) ? 0 : thicknessOf(at, 'box-front') + inward(at.box.corner);
  return at.z + front - (at.box.groove?.depth ?? 0) + (at.box.play ?? 0) / 2;
}

const bottomUp = ({ box, y }: BoxAt): number => y + (BOTTOMS[box.bottomFit].raised ? (box.groove?.offset ?? 0) : 0);

function bottom(at: BoxAt, part: Part): readonly Place[] {
  const size = sizeOf(part);
  if (!size) return [];
  const corner = { y: bottomUp(at), z: bottomFrom(at) };
  const divider = partOf(at, 'muntin');
  if (!divider) return [placed(FLAT, size, { ...corner, x: centred(at.x, at.width, size.length) })];
  // Each half between a side and the muntin.
  const side = thicknessOf(at, 'side');
  const half = (at.width - 2 * side - (divider.width?.total ?? 0)) / 2;
  const left = at.x + side;
  const right = at.x + at.width - side - half;
  return [left, right].map((x) => placed(FLAT, size, { ...corner, x: centred(x, half, size.length) }));
}

/** Along the middle of the box, the halves of the bottom in its edges. */
function muntin(at: BoxAt, part: Part): readonly Place[] {
  const size = sizeOf(part);
  if (!size) return [];
  const y = centred(bottomUp(at), thicknessOf(at, 'bottom'), size.thickness);
  return [placed(FLAT_BACK, size, { x: centred(at.x, at.width, size.width), y, z: bottomFrom(at) })];
}
