import type { Job, Length, MaterialLayout, Plan } from '@zabble/core';
import { showStep, writeLength } from '@zabble/core';
import type { Paper } from './pdf';

/** A job ready to be printed. */
export interface Printing {
  readonly job: Job;
  readonly plan: Plan;
  readonly layouts: readonly MaterialLayout[];
  readonly fonts: string;
  readonly paper: Paper;
  /** Where a part is found: the page a code opens. */
  readonly partAt: (part: string) => string;
}

/** Parts must not be over-long: down to the job's step, a mark where that rounds (the font has no sign for nearly). */
export function sizeOf({ job }: Printing, length: Length): string {
  return writeLength(length, { unit: job.unit, step: showStep(job), round: 'down' }, { mark: true }).replace('≈ ', '~');
}

export const CAUTION =
  'Guards on, push stick at hand, small parts from a long strip with a sled. The saw’s manual and local rules decide.';
