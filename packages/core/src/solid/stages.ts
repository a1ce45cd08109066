import { ROLES, type PartRole } from '../box';
import type { MemberRole } from '../casework';
import { wayApart } from '../drawing';
import { assemblyStep } from '../fixing';
import type { Length } from '../length';
import { nm } from '../length';

/** Nanometres a piece is moved by, wholly taken out: to the right, up, back. */
export interface Off {
  readonly x: Length;
  readonly y: Length;
  readonly z: Length;
}

/** How large what a piece is taken out of is. */
export interface Extent {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/**
 * When the pieces of a drawer go in among the members of their case: wood for slides when the frame is on, boxes when what
 * stands in the case does, their fronts before the doors. Common practice.
 */
const WHEN = { carrier: 85, box: 104, front: 106 } as const;

const isMember = (role: PartRole | MemberRole): role is MemberRole => !Object.hasOwn(ROLES, role);

/** Where a piece comes in the order a case is put together in: the lower the sooner. */
export function stageOf(role: PartRole | MemberRole): number {
  return isMember(role) ? assemblyStep(role) * 10 : WHEN[ROLES[role].of];
}

/** Which way a piece is taken out: a member by its case's size; of a drawer all of it forward, and its box apart by its own. */
export function offOf(role: PartRole | MemberRole, nth: number, whole: Extent, box: Extent): Off {
  if (isMember(role)) {
    const { x = 0, y = 0, z = 0 } = wayApart(role);
    return off(x * whole.x, y * whole.y, z * whole.z);
  }
  const { of } = ROLES[role];
  const forward = OUT[of] * whole.z;
  if (of === 'carrier') return off(0, 0, forward);
  const [x, y, z] = (APART[role] ?? (() => [0, 0, 0]))(nth);
  return off(x * box.x, y * box.y, forward + z * box.z);
}

/** In depths of the case before it. */
const OUT: Readonly<Record<'carrier' | 'box' | 'front', number>> = { carrier: -0.25, box: -1.35, front: -2.1 };

/** In parts of the box's own width, height, and length. */
const APART: Readonly<Partial<Record<PartRole, (nth: number) => readonly [number, number, number]>>> = {
  side: (nth) => [nth === 0 ? -0.14 : 0.14, 0, 0],
  'box-front': () => [0, 0, -0.18],
  back: () => [0, 0, 0.18],
  bottom: (nth) => [nth === 0 ? 0 : 0.02, -0.6, 0],
  muntin: () => [0, -0.9, 0],
  pull: () => [0, 0, -0.12],
};

const off = (x: number, y: number, z: number): Off => ({
  x: nm(Math.round(x)),
  y: nm(Math.round(y)),
  z: nm(Math.round(z)),
});
