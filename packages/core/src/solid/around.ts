import type { Job } from '../job';
import { frameOfCase, type CasePlan, type Plan } from '../plan';
import { seenFrom, sides } from '../travel';
import { worldOf } from './motions';

/** What stands about a case, as it is seen from it, in millimetres: corners from its left and back from its front edge. */
export interface Around {
  /** Its address in the job. */
  readonly name: string;
  readonly ring: readonly { readonly x: number; readonly z: number }[];
  readonly from: number;
  readonly to: number;
}

const MM = 1e6;
/** Walls and casings are seen so far over the case at the most. */
const OVER = 300;

/** Walls, casings, things and neighbours with their fronts, shut; `high` is as high as the case comes. */
export function aroundOf(job: Job, plan: Plan, owner: CasePlan, high: number): readonly Around[] {
  const world = worldOf(plan, owner);
  const written = job.cases.find(({ id }) => id === owner.id);
  if (!world || !written || !owner.casework) return [];
  const frame = frameOfCase(written, owner.casework);
  const own = (name: string): boolean => name === owner.id || name.startsWith(`${owner.id}/`);
  const floor = (written.at?.y ?? 0) / MM;
  return world.solids
    .filter(({ name }) => !own(name))
    .map(({ name, shape, heights }) => ({
      name,
      ring: sides(shape).map((point) => {
        const { across, before } = seenFrom(frame, point);
        return { x: across / MM, z: -before / MM };
      }),
      from: heights.from / MM - floor,
      to: Math.min(heights.to / MM - floor, high + OVER),
    }))
    .filter(({ from, to }) => to > from);
}
