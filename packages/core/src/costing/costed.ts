import { partsOf, type CutPart } from '../cutting';
import type { Job } from '../job';
import { plan, type Plan } from '../plan';
import { USUAL_WASTE } from './waste';

/** A job as it is counted: its plan, and every piece of it. */
export interface Costed {
  readonly job: Job;
  readonly plan: Plan;
  readonly parts: readonly CutPart[];
  /** Percent that is lost of sheets that are not laid out yet. */
  readonly waste: number;
  /** Percent of its share of a sheet that an off-cut which is kept is credited with. */
  readonly credit: number;
}

export function costed(job: Job, planned: Plan = plan(job), waste = USUAL_WASTE, credit = 0): Costed {
  return { job, plan: planned, parts: partsOf(job, planned).parts, waste, credit };
}
