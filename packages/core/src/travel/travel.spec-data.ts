import type { Mover } from './mover';
import { at, type Point } from './point';

/** Where a mover stands when it has come so far, worked out another way than its sweep: the corners of what it is. */
export function stoodAt(mover: Mover, travel: number): readonly (readonly Point[])[] {
  const { frame } = mover;
  if (mover.kind === 'slider') {
    const [from, to, out] = [mover.from, mover.to, mover.closed + travel];
    return out > 0 ? [[at(frame, from, 0), at(frame, to, 0), at(frame, to, out), at(frame, from, out)]] : [];
  }
  const { hinged, edge, width, thickness, pull } = mover;
  const sign = hinged === 'left' ? 1 : -1;
  const [c, s] = [Math.cos((travel * Math.PI) / 180), Math.sin((travel * Math.PI) / 180)];
  const place = (along: number, out: number): Point =>
    at(frame, edge.across + sign * (along * c - out * s), edge.before + along * s + out * c);
  const shapes = [[0, width, -thickness, 0] as const, ...(pull ? [[pull.from, pull.to, 0, pull.out] as const] : [])];
  return shapes.map(([from, to, low, high]) => [place(from, low), place(to, low), place(to, high), place(from, high)]);
}

/** The area two shapes without hollows share, in square nanometres: one clipped by every edge of the other. */
export function areaShared(one: readonly Point[], other: readonly Point[]): number {
  const area = (points: readonly Point[]): number =>
    points.reduce((sum, a, i) => {
      const b = points[(i + 1) % points.length]!;
      return sum + a.x * b.z - b.x * a.z;
    }, 0) / 2;
  const ring = area(other) > 0 ? other : [...other].reverse();
  let left = one;
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length]!;
    const inside = (p: Point): number => (b.x - a.x) * (p.z - a.z) - (b.z - a.z) * (p.x - a.x);
    left = left.flatMap((p, k) => {
      const q = left[(k + 1) % left.length]!;
      const [here, there] = [inside(p), inside(q)];
      const cut = here / (here - there);
      const between = { x: p.x + cut * (q.x - p.x), z: p.z + cut * (q.z - p.z) };
      return [...(here >= 0 ? [p] : []), ...(here > 0 !== there > 0 && here !== there ? [between] : [])];
    });
  });
  return Math.abs(area(left));
}
