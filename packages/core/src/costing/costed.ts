import { partsOf, type CutPart } from '../cutting';
import type { Job } from '../job';
import { plan, type Plan } from '../plan';

/** A job as it is counted: its plan, and every piece of it. */
export interface Costed {
  readonly job: Job;
  readonly plan: Plan;
  readonly parts: readonly CutPart[];
}

export function costed(job: Job, planned: Plan = plan(job)): Costed {
  return { job, plan: planned, parts: partsOf(job, planned).parts };
}
