import type { Case } from '../job';
import { ZERO } from '../length';
import { polygon, reached, seenFrom, type Frame, type Leaf, type Solid, type Way } from '../travel';
import { frameOfCase } from './movers';
import type { CasePlan } from './types';

/** The plane a lid turns in, from its hinge line: to the front as to the right, up as out. */
const UPRIGHT: Frame = { origin: { x: 0, z: 0 }, right: { x: 1, z: 0 }, out: { x: 0, z: 1 } };

/**
 * How far the lids of a case come among what stands about it, in degrees. What is aslant counts by its nearest place. Bound by
 * lids times solids.
 */
export function lidWays(owner: Case, { id, things, casework }: CasePlan, solids: readonly Solid[]): readonly Way[] {
  if (!casework) return [];
  const frame = frameOfCase(owner, casework);
  const floor = owner.at?.y ?? ZERO;
  const others = solids.filter(({ name }) => name !== id && !name.startsWith(`${id}/`));
  return things.flatMap((thing): readonly Way[] => {
    const [body] = thing.bodies;
    if (thing.kind !== 'lid' || !body) return [];
    const name = `${id}/${thing.id}`;
    const mover: Leaf = {
      ...{ kind: 'leaf', name, frame: UPRIGHT, heights: body.x, own: new Set([name]), hinged: 'left' },
      ...{ edge: { across: 0, before: 0 }, width: thing.depth.total, thickness: thing.thickness, full: thing.opens },
    };
    const line = { before: -thing.line.back, up: floor + thing.line.up };
    return [
      {
        mover,
        ...reached(
          mover,
          others.map((solid) => seenFromSide(frame, line, solid)),
        ),
      },
    ];
  });
}

/** A solid as it is seen along the hinge line: its heights are what it has across the case. */
function seenFromSide(
  frame: Frame,
  line: { readonly before: number; readonly up: number },
  { name, shape, heights }: Solid,
): Solid {
  const seen = shape.points.map((point) => seenFrom(frame, point));
  const over = (of: readonly number[]): readonly [number, number] => [Math.min(...of), Math.max(...of)];
  const [left, right] = over(seen.map(({ across }) => across));
  const [far, near] = over(seen.map(({ before }) => before - line.before));
  const [low, high] = [heights.from - line.up, heights.to - line.up];
  const ring = polygon({ x: far, z: low }, { x: near, z: low }, { x: near, z: high }, { x: far, z: high });
  return { name, shape: ring, heights: { from: left, to: right } };
}
