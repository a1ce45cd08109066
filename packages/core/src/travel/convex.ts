import { dot, minus, plus, times, unit, type Point } from './point';

/** Part of a circle on the edge of a shape: from an angle to another, in radians, the way x turns to z. */
export interface Arc {
  readonly middle: Point;
  readonly radius: number;
  readonly from: number;
  readonly to: number;
}

/** A shape without hollows in a plan: the hull of points and arcs. Two points are a line. */
export interface Convex {
  readonly points: readonly Point[];
  readonly arcs: readonly Arc[];
}

export const polygon = (...points: readonly Point[]): Convex => ({ points, arcs: [] });

/** Overlaps thinner than this, a nanometre, are touching. */
const TOUCHING = 1;

const TURN = 2 * Math.PI;
export const onCircle = (angle: number): Point => ({ x: Math.cos(angle), z: Math.sin(angle) });

function within({ from, to }: Arc, angle: number): boolean {
  const past = (((angle - from) % TURN) + TURN) % TURN;
  return past <= to - from + 1e-12 || past >= TURN - 1e-12;
}

/** How far a shape reaches in a direction. */
export function reach({ points, arcs }: Convex, way: Point): number {
  let most = -Infinity;
  for (const point of points) most = Math.max(most, dot(point, way));
  for (const arc of arcs)
    if (within(arc, Math.atan2(way.z, way.x))) most = Math.max(most, dot(arc.middle, way) + arc.radius);
  return most;
}

/** Directions square to its straight edges, and those its arcs end in. */
function waysOf({ points, arcs }: Convex): readonly Point[] {
  const found: Point[] = arcs.flatMap(({ from, to }) => [onCircle(from), onCircle(to)]);
  points.forEach((one, index) => {
    for (const other of points.slice(index + 1)) {
      const along = unit(minus(other, one));
      if (along) found.push({ x: -along.z, z: along.x }, { x: along.z, z: -along.x });
    }
  });
  return found;
}

/** What is asked of a shape over and over, worked out once: how far it reaches each way of the plan, and its directions. */
interface Known {
  readonly box: readonly number[];
  readonly ways: readonly Point[];
}

const known = new WeakMap<Convex, Known>();

function knownOf(shape: Convex): Known {
  const before = known.get(shape);
  if (before) return before;
  const now = { box: BOX.map((way) => reach(shape, way)), ways: waysOf(shape) };
  known.set(shape, now);
  return now;
}

const BOX: readonly Point[] = [
  { x: 1, z: 0 },
  { x: 0, z: 1 },
  { x: -1, z: 0 },
  { x: 0, z: -1 },
];

/**
 * Whether two shapes share more than their edges. Shapes without hollows are apart exactly where some direction parts them,
 * and then one of these does: square to an edge, where an arc ends, or between the middle of an arc and a corner or another
 * middle.
 */
export function overlap(one: Convex, other: Convex): boolean {
  const [a, b] = [knownOf(one), knownOf(other)];
  // Boxes about both that are apart: most are.
  if (a.box.some((most, way) => most + (b.box[(way + 2) % 4] ?? 0) <= TOUCHING)) return false;
  const parts = (way: Point): boolean => reach(one, way) + reach(other, times(way, -1)) <= TOUCHING;
  return (
    !a.ways.some(parts) &&
    !b.ways.some(parts) &&
    !between(one, other).some((way) => parts(way) || parts(times(way, -1)))
  );
}

/** From the middles of arcs to the corners and middles of the other. */
function between(one: Convex, other: Convex): readonly Point[] {
  const pairs = [
    ...one.arcs.flatMap(({ middle }) => keys(other).map((to) => minus(to, middle))),
    ...other.arcs.flatMap(({ middle }) => keys(one).map((to) => minus(to, middle))),
  ];
  return pairs.flatMap((way) => unit(way) ?? []);
}

const keys = ({ points, arcs }: Convex): readonly Point[] => [...points, ...arcs.map(({ middle }) => middle)];

/** A part of a disc, at most a quarter of it a piece: its middle and its arc. */
export function sector(middle: Point, radius: number, from: number, to: number): readonly Convex[] {
  const pieces = Math.max(1, Math.ceil((to - from) / (Math.PI / 2) - 1e-9));
  const each = (to - from) / pieces;
  return Array.from({ length: pieces }, (_, index): Convex => {
    const [start, end] = [from + index * each, from + (index + 1) * each];
    const points = [middle, plus(middle, times(onCircle(start), radius)), plus(middle, times(onCircle(end), radius))];
    return { points, arcs: [{ middle, radius, from: start, to: end }] };
  });
}
