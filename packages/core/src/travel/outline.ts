import { onCircle, type Convex } from './convex';
import { dot, minus, plus, times, type Point } from './point';

/** Arcs are told by corners so far apart, in radians: four degrees. */
const STEP = Math.PI / 45;

/** The corners round a shape without hollows, its arcs as short straight sides; the way x turns to z. For drawing. */
export function sides({ points, arcs }: Convex): readonly Point[] {
  const all = [
    ...points,
    ...arcs.flatMap(({ middle, radius, from, to }) => {
      const count = Math.max(1, Math.ceil((to - from) / STEP));
      return Array.from({ length: count - 1 }, (_, index) =>
        plus(middle, times(onCircle(from + ((index + 1) * (to - from)) / count), radius)),
      );
    }),
  ];
  if (arcs.length === 0) return points;
  const middle = middleOf(all);
  return [...all].sort((a, b) => angle(minus(a, middle)) - angle(minus(b, middle)));
}

const angle = ({ x, z }: Point): number => Math.atan2(z, x);
const middleOf = (points: readonly Point[]): Point =>
  times(points.reduce(plus, { x: 0, z: 0 }), 1 / Math.max(1, points.length));

/** The middle of the largest piece two groups of shapes share; nothing where they share none. For drawing. */
export function meetPoint(one: readonly Convex[], other: readonly Convex[]): Point | undefined {
  let best: { readonly size: number; readonly middle: Point } | undefined;
  for (const a of one)
    for (const b of other) {
      const shared = clipped(sides(a), ordered(sides(b)));
      const size = Math.abs(area(shared)) + (shared.length > 0 ? 1 : 0);
      if (shared.length > 0 && size > (best?.size ?? 0)) best = { size, middle: middleOf(shared) };
    }
  return best?.middle;
}

function area(points: readonly Point[]): number {
  return (
    points.reduce((sum, a, index) => {
      const b = points[(index + 1) % points.length] ?? a;
      return sum + a.x * b.z - b.x * a.z;
    }, 0) / 2
  );
}

const ordered = (points: readonly Point[]): readonly Point[] => (area(points) < 0 ? [...points].reverse() : points);

/** What of a ring lies on the inner side of every side of another. */
function clipped(ring: readonly Point[], by: readonly Point[]): readonly Point[] {
  let left = ring;
  by.forEach((from, index) => {
    const to = by[(index + 1) % by.length] ?? from;
    const along = minus(to, from);
    const inner = { x: -along.z, z: along.x };
    const inside = (point: Point): number => dot(minus(point, from), inner);
    left = left.flatMap((here, at) => {
      const there = left[(at + 1) % left.length] ?? here;
      const [a, b] = [inside(here), inside(there)];
      const crossed = a >= 0 !== b >= 0 ? [plus(here, times(minus(there, here), a / (a - b)))] : [];
      return [...(a >= 0 ? [here] : []), ...crossed];
    });
  });
  return left;
}
