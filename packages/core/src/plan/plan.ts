import { readJob, readJobText, showStep, type Job, type JobReading, type Report } from '../job';
import { millimetres, writeExact, writeLength, type Length, type Unit } from '../length';
import { checkSlides, slideTable } from '../slides';
import { checkSpecies } from '../timber';
import { planBank } from './bank';
import { planCase, type Shop } from './case';
import { toldOnce } from './told-once';
import type { Plan } from './types';

/** Everything that follows from a job. Pure: the same job gives the same plan. Never throws on a job that was read. */
export function plan(job: Job): Plan {
  return planWith(job, planBank);
}

/** The plan of a job from the plans of its banks, however they are come by. */
export function planWith(job: Job, bankPlan: Shop['bankPlan']): Plan {
  const step = showStep(job);
  const writing = {
    say: (length: Length): string => said(length, job.unit, step),
    exact: (length: Length): string => writeExact(length, job.unit),
  };
  const shop = { job, table: slideTable(job), writing, bankPlan };
  const cases = job.cases.map((each, c) => planCase(shop, each, `cases[${c}]`));
  return { unit: job.unit, step, cases: toldOnce(cases) };
}

/** Coarser than this part of a length, the step no longer says it. */
const COARSE = 0.1;
const FINE = millimetres(0.01);

/** To the step, in the job's unit; a size so small that the step would hide it, in hundredths of a millimetre. */
function said(length: Length, unit: Unit, step: Length): string {
  const size = Math.abs(length);
  const off = Math.abs(Math.round(size / step) * step - size);
  const showing = off > COARSE * size ? ({ unit: 'mm', step: FINE } as const) : { unit, step };
  return writeLength(length, showing, { unit: true });
}

/** Reads a job document for planning: its shape, its references, its slides and its woods. */
export function readJobDocument(value: unknown): JobReading {
  return readJob(value, checkTables);
}

/** Reads the text of a job file for planning. */
export function readJobFile(text: string): JobReading {
  return readJobText(text, checkTables);
}

/** What the tables alone can say. */
function checkTables(job: Job, report: Report): void {
  checkSlides(job, report);
  checkSpecies(job, report);
}
