import { nm, subtract, type Length } from '../length';
import type { Member } from './member';
import type { MemberRole } from './roles';

/** From one place to another along an axis of the case. */
export interface Span {
  readonly from: Length;
  readonly to: Length;
}

/**
 * A member where it stands: `x` from the outer face of the left side, `y` up from the floor, `z` back from the case's
 * front edge. As large as it is before anything is worked into it: tongues and tenons are in their grooves.
 */
export interface Body {
  readonly role: MemberRole;
  readonly node?: string;
  /** The first of its row is 0, from the left, the front, the bottom. */
  readonly index: number;
  readonly material: string;
  readonly x: Span;
  readonly y: Span;
  readonly z: Span;
}

export type Axis = 'x' | 'y' | 'z';

export const span = (from: number, length: number): Span => ({ from: nm(from), to: nm(from + length) });
export const upTo = (to: number, length: number): Span => ({ from: nm(to - length), to: nm(to) });
export const between = (from: Length, to: Length): Span => ({ from, to });
export const long = ({ from, to }: Span): Length => subtract(to, from);

/** The bodies of a row of members, place by place. */
export function bodiesOf(
  { role, node, material }: Member,
  places: readonly (readonly [x: Span, y: Span, z: Span])[],
): readonly Body[] {
  return places.map(([x, y, z], index) => ({
    role,
    index,
    material,
    x,
    y,
    z,
    ...(node === undefined ? {} : { node }),
  }));
}

/** So many of the same length, the first and the last at the ends of a way, the others evenly between. */
export function spread(count: number, from: number, to: number, length: number): readonly Span[] {
  if (count === 1) return [span(from, length)];
  const step = (to - length - from) / (count - 1);
  return Array.from({ length: count }, (_, index) => span(Math.round(from + index * step), length));
}
