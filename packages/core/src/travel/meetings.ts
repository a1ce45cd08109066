import { overlap } from './convex';
import type { Mover } from './mover';
import type { Reached } from './reach';
import { level } from './solid';
import { swept } from './sweep';

/** Two movers whose ways cross, each as far as it comes alone: their addresses, the first in the file first. */
export interface Met {
  readonly a: string;
  readonly b: string;
}

/** A mover with how far it comes alone. */
export type Moved = readonly [mover: Mover, reached: Reached];

/** Every two movers that meet. Movers that know each other as their own are no pair. Bound by the pairs. */
export function meetingsOf(moved: readonly Moved[]): readonly Met[] {
  const sweeps = moved.map(([mover, { travel }]) => ({ mover, pieces: swept(mover, travel) }));
  return sweeps.flatMap(({ mover, pieces }, index) =>
    sweeps.slice(index + 1).flatMap((other): readonly Met[] => {
      const strangers = !mover.own.has(other.mover.name) && !other.mover.own.has(mover.name);
      const meet =
        strangers &&
        level(mover.heights, other.mover.heights) &&
        pieces.some((one) => other.pieces.some((piece) => overlap(one, piece)));
      return meet ? [{ a: mover.name, b: other.mover.name }] : [];
    }),
  );
}
