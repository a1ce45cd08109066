import type { Job } from '../job';
import type { Stage } from './settings';

/**
 * How sure a job's sizes are: as built only where every opening of drawers and doors is, else as its survey is; of a mixture
 * the least sure counts.
 */
export function stageOf({ cases, survey = 'rough' }: Job): Stage {
  const openings = cases.flatMap(({ banks, doors = [], measured = [] }) => [
    ...banks.map(({ basis }) => basis === 'as-built'),
    ...doors.map(({ basis, over }) => basis === 'as-built' || measured.some(({ compartment }) => compartment === over)),
  ]);
  return openings.length > 0 && openings.every(Boolean) ? 'as-built' : survey;
}
