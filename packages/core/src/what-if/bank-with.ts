import type { Job } from '../job';
import { plan } from '../plan';
import type { BankPlan } from '../plan';

/** One bank of a job that is tried. Banks of other cases have no part in it; places stay what they are. */
export function bankWith(job: Job, path: string): BankPlan | undefined {
  const own = Number(/^cases\[(\d+)\]/.exec(path)?.[1] ?? 0);
  const cases = job.cases.map((each, c) => (c === own ? each : { ...each, banks: [] }));
  return plan({ ...job, cases }).cases[own]?.banks.find((each) => each.path === path);
}
