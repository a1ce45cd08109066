/** A place in a plan, in nanometres: x to the right, z down, seen from above. Not whole where something was turned. */
export interface Point {
  readonly x: number;
  readonly z: number;
}

export const plus = (a: Point, b: Point): Point => ({ x: a.x + b.x, z: a.z + b.z });
export const minus = (a: Point, b: Point): Point => ({ x: a.x - b.x, z: a.z - b.z });
export const times = ({ x, z }: Point, by: number): Point => ({ x: x * by, z: z * by });
export const dot = (a: Point, b: Point): number => a.x * b.x + a.z * b.z;
export const long = (a: Point): number => Math.hypot(a.x, a.z);

/** As long as one; nothing of what has no length. */
export function unit(a: Point): Point | undefined {
  const length = long(a);
  return length === 0 ? undefined : times(a, 1 / length);
}

/** The axes of what faces one way: where its left front corner is, what lies to its right, and what before it. */
export interface Frame {
  readonly origin: Point;
  readonly right: Point;
  readonly out: Point;
}

/** Where a place `across` from the left and `before` the front lies. */
export function at({ origin, right, out }: Frame, across: number, before: number): Point {
  return plus(origin, plus(times(right, across), times(out, before)));
}

/** A place as one who stands in a frame counts it: across, and before the front. */
export function seenFrom(
  { origin, right, out }: Frame,
  point: Point,
): { readonly across: number; readonly before: number } {
  const from = minus(point, origin);
  return { across: dot(from, right), before: dot(from, out) };
}

export type Turn = 0 | 90 | 180 | 270;

const AXES: Readonly<Record<Turn, Pick<Frame, 'right' | 'out'>>> = {
  0: { right: { x: 1, z: 0 }, out: { x: 0, z: 1 } },
  90: { right: { x: 0, z: -1 }, out: { x: 1, z: 0 } },
  180: { right: { x: -1, z: 0 }, out: { x: 0, z: -1 } },
  270: { right: { x: 0, z: 1 }, out: { x: -1, z: 0 } },
};

/**
 * The frame of a box `width` wide and `depth` deep whose least corner in the plan is at x, z, turned so that its front faces
 * +z, +x, −z or −x.
 */
export function frameOf(x: number, z: number, width: number, depth: number, turn: Turn): Frame {
  const corner: Readonly<Record<Turn, Point>> = {
    0: { x, z: z + depth },
    90: { x: x + depth, z: z + width },
    180: { x: x + width, z },
    270: { x, z },
  };
  return { origin: corner[turn], ...AXES[turn] };
}
