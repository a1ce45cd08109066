import { materialOf, type Body, type Member } from '../casework';
import { planDoorAt, type Door, type DoorPlan } from '../doors';
import type { TiltOutOf } from '../job';
import {
  add,
  inches,
  millimetres,
  minus,
  nm,
  ofField,
  plus,
  share,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
} from '../length';
import type { ThingStock, TiltOut } from './things';

/** Common practice, every figure here: clear of what is over and behind it, beside the bin, beside the platform. */
const CLEAR = millimetres(6);
const BESIDE_BIN = millimetres(10);
const BESIDE_PLATFORM = millimetres(6);
/** Usual from 25° to 35°. */
const USUAL_ANGLE = 30;
const USUAL_LAP = { in: inches(1, 2), mm: millimetres(13) } as const;

type Written = TiltOutOf<Length>;

/** A tilt-out in its compartment; nothing where that or its door has no place. */
export function planTiltOut(from: ThingStock, written: Written, path: string): TiltOut | undefined {
  const { casework } = from;
  const door = planDoorAt(from.doors, doorOf(from, written), `${path}.door`);
  const place = casework.openings.find(({ compartment: { id } }) => id === written.compartment);
  if (!door || !place) return undefined;
  const { bin, back = ZERO, up = ZERO, angle = USUAL_ANGLE } = written;
  const { width, height } = place.compartment;
  const corner = { back: back + bin.depth, up: up + bin.height };
  const turn = (angle * Math.PI) / 180;
  const most = nm(height.total - CLEAR);
  const farEdge = tally(
    unlessZero(plus('behind-hinge-line', back, ofField(`${path}.back`))),
    plus('depth-of-bin', bin.depth, ofField(`${path}.bin.depth`)),
  );
  const made = membersOf(from, written, door, { width, farEdge, path });
  return {
    ...{ kind: 'tilt-out', id: written.id, path, compartment: written.compartment, door, angle, bin, back, up },
    ...{ rise: nm(Math.round(riseOf(corner, turn))), most, tallest: tallestOf(corner.back, up, turn, most) },
    mouthOut: Math.min(1, Math.max(0, (corner.up * Math.tan(turn) - back) / bin.depth)),
    stays: turned({ back: back + bin.depth / 2, up: up + bin.height / 2 }, turn).back < 0,
    stop: rounded(turned({ back: corner.back, up }, turn)),
    ...{ farEdge, deepest: nm(place.depth.total - CLEAR) },
    wide: { has: width.total, wants: nm(bin.width + 2 * BESIDE_BIN) },
    ...made,
  };
}

/** Where nobody told: overlay by the usual, of the case's panel; its lower edge is the hinge line, whatever is written. */
function doorOf({ stock }: ThingStock, { id, compartment, door = {} }: Written): Door {
  const lap = USUAL_LAP[stock.unit];
  return {
    ...{ mount: 'overlay', top: lap, left: lap, right: lap, gap: ZERO, material: stock.build.panel, ...door },
    ...{ id, over: compartment, bottom: ZERO, leaves: 1, hinge: { family: 'piano', ...door.hinge } },
  };
}

interface Corner {
  /** Behind the hinge line, and over it. */
  readonly back: number;
  readonly up: number;
}

/** A place behind the hinge line comes to `z·cosθ − y·sinθ`, `z·sinθ + y·cosθ` as it opens by θ. Common practice. */
function turned({ back, up }: Corner, angle: number): Corner {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return { back: back * c - up * s, up: back * s + up * c };
}

const rounded = ({ back, up }: Corner): TiltOut['stop'] => ({ back: nm(Math.round(back)), up: nm(Math.round(up)) });

/** The greatest height of the far upper edge while it is inside: its distance where it passes over the hinge, else at the end. */
function riseOf(corner: Corner, angle: number): number {
  const end = turned(corner, angle);
  return end.back <= 0 ? Math.hypot(corner.back, corner.up) : end.up;
}

/** The tallest bin whose far upper edge rises no higher than `most`. */
function tallestOf(back: number, up: number, angle: number, most: number): Length | undefined {
  const over = back / Math.tan(angle);
  const atEnd = (most - back * Math.sin(angle)) / Math.cos(angle);
  // It passes over the hinge where it is higher than it is far behind, by the angle.
  const edge = atEnd <= over ? atEnd : Math.sqrt(Math.max(0, most ** 2 - back ** 2));
  const height = Math.floor(edge - up);
  return height > 0 ? nm(height) : undefined;
}

interface Sized {
  readonly width: Tally;
  readonly farEdge: Tally;
  readonly path: string;
}

/** The platform the bin stands on, from the door's inner face to its far edge, and a gusset on each of its ends. */
function membersOf(
  { stock, casework }: ThingStock,
  { id, compartment, up = ZERO }: Written,
  door: DoorPlan,
  { width, farEdge, path }: Sized,
): Pick<TiltOut, 'members' | 'bodies'> {
  const inner = door.door.mount === 'inset' ? door.thickness : ZERO;
  const material = stock.build.panel;
  const { thickness } = materialOf(stock, material);
  const across = tally(...width.terms, minus('clear-of-sides', nm(2 * BESIDE_PLATFORM)));
  const deep = tally(...farEdge.terms, unlessZero(minus('inset-door', inner, ofField(`${path}.door.material`))));
  const shared = { node: id, material, thickness };
  // As far up the door as back along the platform, and no higher than half the door.
  const half = share(door.opening.height.total, 2);
  const leg = tally(plus('upper-edge-leaf', nm(Math.min(deep.total, half))));
  const platform: Member = { ...shared, role: 'platform', count: 1, length: across, width: deep };
  const gusset: Member = { ...shared, role: 'gusset', count: 2, length: leg, width: deep };
  const place = casework.openings.find(({ compartment: { id: each } }) => each === compartment)?.compartment;
  const at = { x: add(place?.x ?? ZERO, BESIDE_PLATFORM), y: add(place?.y ?? ZERO, up), z: inner };
  return { members: [...door.members, platform, gusset], bodies: bodiesOf(at, { platform, gusset }) };
}

/** The platform with its upper face at a height, a gusset on it at each end. */
function bodiesOf(
  { x, y, z }: Readonly<Record<'x' | 'y' | 'z', Length>>,
  { platform, gusset }: Readonly<Record<'platform' | 'gusset', Member>>,
): readonly Body[] {
  const { node, material, thickness, length, width } = platform;
  const shared = { material, z: span(z, width.total), ...(node === undefined ? {} : { node }) };
  const high = span(y, gusset.length.total);
  const right = nm(x + length.total - thickness);
  return [
    { ...shared, role: 'platform', index: 0, x: span(x, length.total), y: span(nm(y - thickness), thickness) },
    { ...shared, role: 'gusset', index: 0, x: span(x, thickness), y: high },
    { ...shared, role: 'gusset', index: 1, x: span(right, thickness), y: high },
  ];
}

const span = (from: Length, long: Length): Body['x'] => ({ from, to: add(from, long) });
