import type { Case } from '../job';
import { ZERO } from '../length';
import {
  level,
  overlap,
  polygon,
  reach,
  reached,
  swept,
  type Frame,
  type Leaf,
  type Met,
  type Solid,
  type Way,
} from '../travel';
import { frameOfCase } from './movers';
import type { CasePlan } from './types';

/** The plane a lid turns in, from its hinge line: to the front as to the right, up as out. */
const UPRIGHT: Frame = { origin: { x: 0, z: 0 }, right: { x: 1, z: 0 }, out: { x: 0, z: 1 } };

/** A lid with where it turns: its case's frame, and its hinge line before the front and over the floor. */
interface Turning {
  readonly mover: Leaf;
  readonly frame: Frame;
  readonly line: { readonly before: number; readonly up: number };
}

function lidsOf(owner: Case, { id, things, casework }: CasePlan): readonly Turning[] {
  if (!casework) return [];
  const frame = frameOfCase(owner, casework);
  const floor = owner.at?.y ?? ZERO;
  return things.flatMap((thing): readonly Turning[] => {
    const [body] = thing.bodies;
    if (thing.kind !== 'lid' || !body) return [];
    const name = `${id}/${thing.id}`;
    const mover: Leaf = {
      ...{ kind: 'leaf', name, frame: UPRIGHT, heights: body.x, own: new Set([name]), hinged: 'left' },
      ...{ edge: { across: 0, before: 0 }, width: thing.depth.total, thickness: thing.thickness, full: thing.opens },
    };
    return [{ mover, frame, line: { before: -thing.line.back, up: floor + thing.line.up } }];
  });
}

/** What is of a case itself. */
const isOf = (id: string, name: string): boolean => name === id || name.startsWith(`${id}/`);

/**
 * How far the lids of a case come among what stands about it, in degrees. What is aslant counts by its nearest place. Bound by
 * lids times solids.
 */
export function lidWays(owner: Case, plan: CasePlan, solids: readonly Solid[]): readonly Way[] {
  const others = solids.filter(({ name }) => !isOf(plan.id, name));
  return lidsOf(owner, plan).map(({ mover, frame, line }) => ({
    mover,
    ...reached(
      mover,
      others.map((solid) => seenFromSide(frame, line, solid)),
    ),
  }));
}

/**
 * Lids that meet what opens of other cases, each as far as it comes alone: what sweeps in the plan counts from the side by the
 * box about it. Bound by lids times movers.
 */
export function lidMeetings(owner: Case, plan: CasePlan, lids: readonly Way[], ways: readonly Way[]): readonly Met[] {
  const others = ways.filter(({ mover }) => !isOf(plan.id, mover.name));
  return lidsOf(owner, plan).flatMap(({ mover: lid, frame, line }) => {
    const pieces = swept(lid, lids.find(({ mover }) => mover.name === lid.name)?.travel ?? 0);
    return others.flatMap(({ mover, travel }): readonly Met[] => {
      const { name, heights } = mover;
      const seen = swept(mover, travel).map((shape) => seenFromSide(frame, line, { name, shape, heights }));
      const meets = seen.some(
        (each) => level(lid.heights, each.heights) && pieces.some((piece) => overlap(piece, each.shape)),
      );
      return meets ? [{ a: lid.name, b: name }] : [];
    });
  });
}

/** A solid as it is seen along the hinge line: its heights are what it has across the case. */
function seenFromSide(
  { origin, right, out }: Frame,
  line: { readonly before: number; readonly up: number },
  { name, shape, heights }: Solid,
): Solid {
  const away = ({ x, z }: Frame['right']): Frame['right'] => ({ x: -x, z: -z });
  const from = (axis: Frame['right']): number => origin.x * axis.x + origin.z * axis.z;
  const over = (axis: Frame['right']): readonly [number, number] => [
    -reach(shape, away(axis)) - from(axis),
    reach(shape, axis) - from(axis),
  ];
  const [left, past] = over(right);
  const [far, near] = over(out).map((before) => before - line.before) as [number, number];
  const [low, high] = [heights.from - line.up, heights.to - line.up];
  const ring = polygon({ x: far, z: low }, { x: near, z: low }, { x: near, z: high }, { x: far, z: high });
  return { name, shape: ring, heights: { from: left, to: past } };
}
