import { doorHardware, fixingsOf, hardwareOf, lidHardware, type CaseHardware, type Fixing } from '../fixing';
import type { Job } from '../job';
import { everyDoor } from '../pullouts';
import { caseStockOf } from './in-compartments';
import type { CasePlan } from './types';

/** What holds the joints of a case that is told how it is made, and what else it takes. */
export function caseFixings(
  job: Job,
  { id, path, casework, doors, things }: CasePlan,
): { readonly fixings: readonly Fixing[]; readonly hardware: readonly CaseHardware[] } {
  const owner = job.cases.find((each) => each.id === id);
  const stock = owner && caseStockOf(job, owner, path);
  if (!stock || !casework) return { fixings: [], hardware: [] };
  const lids = things.filter((thing) => thing.kind === 'lid');
  const hardware = [...hardwareOf(stock, casework), ...doorHardware(everyDoor(doors, things)), ...lidHardware(lids)];
  return { fixings: fixingsOf(stock, casework), hardware };
}
