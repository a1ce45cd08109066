import type { Convex } from './convex';
import { reached, type Reached } from './reach';
import type { Solid } from './solid';
import { openAt } from './sweep';
import type { World } from './world';

/** How far others stand open, by their addresses: nanometres, degrees of a leaf. */
export type Opened = ReadonlyMap<string, number>;

/**
 * How far a mover of a world comes while others stand open, each of them as far as told; no farther than it comes with all
 * shut. Nothing for an address nobody has.
 */
export function reachedAmong(world: World, name: string, opened: Opened): Reached | undefined {
  const way = world.ways.find(({ mover }) => mover.name === name);
  if (!way) return undefined;
  const out = world.ways.flatMap(({ mover }): readonly Solid[] => {
    const travel = opened.get(mover.name) ?? 0;
    if (travel <= 0 || mover.name === name) return [];
    return openAt(mover, travel).map((shape: Convex) => ({ name: mover.name, shape, heights: mover.heights }));
  });
  const among = reached(way.mover, out);
  const { mover: _own, ...alone } = way;
  return among.travel < alone.travel ? among : alone;
}
