import { doorHardware, fixingsOf, hardwareOf, type CaseHardware, type Fixing } from '../fixing';
import type { Job } from '../job';
import { caseStockOf } from './in-compartments';
import type { CasePlan } from './types';

/** What holds the joints of a case that is told how it is made, and what else it takes. */
export function caseFixings(
  job: Job,
  { id, path, casework, doors }: CasePlan,
): { readonly fixings: readonly Fixing[]; readonly hardware: readonly CaseHardware[] } {
  const owner = job.cases.find((each) => each.id === id);
  const stock = owner && caseStockOf(job, owner, path);
  if (!stock || !casework) return { fixings: [], hardware: [] };
  return { fixings: fixingsOf(stock, casework), hardware: [...hardwareOf(stock, casework), ...doorHardware(doors)] };
}
