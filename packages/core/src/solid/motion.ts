import type { CasePlan } from '../plan';
import type { Leaf, Mover } from '../travel';

/** About which line a leaf turns, in millimetres of its case, and which way: of a door upright, of a tilt-out across. */
export interface Turning {
  readonly axis: 'x' | 'y';
  /** Of an upright line from the left, of one across over the floor; and back from the front edge. */
  readonly at: number;
  readonly back: number;
  /** From the line to the leaf: to the right or up, or to the left; of a lid, which is hinged at its back, the other way. */
  readonly hand: 1 | -1;
}

/** How one thing of a case opens. Amounts are millimetres, or degrees of what turns. */
export interface Motion {
  /** Its address in the job. */
  readonly name: string;
  readonly kind: 'drawer' | 'tray' | 'board' | 'door' | 'tilt-out' | 'lid';
  /** Nothing of what comes straight out. */
  readonly turning?: Turning;
  readonly full: number;
  /** So far it comes with all else shut, and what stops it. */
  readonly reach: number;
  readonly stoppedBy?: string;
  /** Leaves that have to be open before it. */
  readonly behind: readonly string[];
  /** Of a tilt-out, as it is reckoned with in the plan: how high its leaf is and how far its face stands before the line. */
  readonly tilts?: { readonly high: number; readonly face: number };
}

const MM = 1e6;
const DEGREE = Math.PI / 180;

/** What a door's leaf turns about: its hinged edge on its outer face. */
export const turningOf = ({ edge, hinged }: Leaf): Turning => ({
  ...{ axis: 'y', at: edge.across / MM, back: -edge.before / MM },
  hand: hinged === 'left' ? 1 : -1,
});

/** What a mover of the plan comes by for an amount: nanometres, or degrees of a leaf. */
export function travelOf({ turning, tilts }: Pick<Motion, 'turning' | 'tilts'>, amount: number): number {
  if (tilts) return outAt(tilts, amount) * MM;
  return turning ? amount : amount * MM;
}

/** The amount that a mover's travel is. */
export function amountOf({ turning, tilts, full }: Pick<Motion, 'turning' | 'tilts' | 'full'>, travel: number): number {
  if (tilts) return Math.min(full, leans(tilts, travel / MM));
  return turning ? travel : travel / MM;
}

/** How far the upper edge of a tilt-out comes out at an angle. */
const outAt = ({ high, face }: NonNullable<Motion['tilts']>, degrees: number): number =>
  high * Math.sin(degrees * DEGREE) + face * (Math.cos(degrees * DEGREE) - 1);

/** The angle it has come so far out at: `h·sinθ + f·cosθ = r·sin(θ + φ)`. */
function leans({ high, face }: NonNullable<Motion['tilts']>, out: number): number {
  const radius = Math.hypot(high, face);
  if (radius === 0) return 0;
  return (Math.asin(Math.min(1, (out + face) / radius)) - Math.atan2(face, high)) / DEGREE;
}

/** The kind of what moves, by what its case has at its address. */
export function kindOf({ id, banks, things }: CasePlan, { name, kind }: Mover): Motion['kind'] {
  const thing = things.find((each) => `${id}/${each.id}` === name);
  if (thing) return thing.kind;
  if (kind === 'leaf') return 'door';
  const [, of] = name.split('/');
  return banks.find((bank) => bank.id === of)?.bank.front.mount === 'none' ? 'tray' : 'drawer';
}

/** Where a place in a case, in millimetres, comes to as what it belongs to opens by an amount. */
export function movedBy(
  { turning }: Pick<Motion, 'turning'>,
  amount: number,
  [x, y, z]: readonly [number, number, number],
): readonly [number, number, number] {
  if (!turning) return [x, y, z - amount];
  const [c, s] = [Math.cos(amount * DEGREE), Math.sin(amount * DEGREE)];
  const { axis, at, back, hand } = turning;
  const out = z - back;
  if (axis === 'y') {
    const along = (x - at) * hand;
    return [at + hand * (along * c + out * s), y, back - along * s + out * c];
  }
  const [up, turn] = [y - at, s * hand];
  return [x, at + up * c + out * turn, back + out * c - up * turn];
}
