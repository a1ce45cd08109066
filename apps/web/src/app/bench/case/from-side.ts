import { centred, pointsOf } from '../../drawing/centred';

interface Spot {
  readonly x: number;
  readonly y: number;
}

const PAD = 12;

/** Where places beside a case, up being up, lie in a picture so large that shows them all. */
export interface FromSide {
  readonly x: (at: number) => number;
  readonly y: (at: number) => number;
  readonly points: (ring: readonly Spot[]) => string;
}

/** What shows all of these places, with room round them. */
export function fromSide(all: readonly Spot[], picture: { readonly width: number; readonly height: number }): FromSide {
  const [xs, ys] = [all.map(({ x }) => x), all.map(({ y }) => -y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const extent = {
    ...{ x: left, y: top },
    ...{ width: Math.max(1, Math.max(...xs) - left), height: Math.max(1, Math.max(...ys) - top) },
  };
  const scale = centred(extent, picture, PAD);
  const up = { x: (at: number) => scale.x(at), y: (at: number) => scale.y(-at) };
  return { ...up, points: (ring) => pointsOf(ring, up) };
}
