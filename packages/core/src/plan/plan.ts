import { checkHinges } from '../doors';
import { readJob, readJobText, showStep, type Job, type JobReading, type WrittenJob } from '../job';
import type { Report } from '../reading';
import { writeExact, type Length } from '../length';
import { checkSlides, slideTable } from '../slides';
import { checkSpecies } from '../timber';
import { planBank } from './bank';
import { planCase, type Shop } from './case';
import { firstOfJob } from './first-of-job';
import { inCompartments } from './in-compartments';
import { withTravel } from './moving';
import { worldsOf } from './travel';
import type { Plan } from './types';

/** Everything that follows from a job. Pure: the same job gives the same plan. Never throws on a job that was read. */
export function plan(job: Job): Plan {
  return planWith(job, planBank);
}

/** The plan of a job from the plans of its banks, however they are come by. */
export function planWith(job: Job, bankPlan: Shop['bankPlan']): Plan {
  const step = showStep(job);
  const exact = (length: Length): string => writeExact(length, job.unit);
  const shop = { job, table: slideTable(job), exact, bankPlan };
  const cases = job.cases.map((each, c) => planCase(shop, each, `cases[${c}]`));
  const worlds = worldsOf(job, cases);
  return { unit: job.unit, step, cases: firstOfJob(withTravel(job, cases, worlds, exact)), worlds };
}

/** Reads a job document for planning: its shape, its references, its slides and its woods. */
export function readJobDocument(value: unknown): JobReading {
  return readJob(value, ABOVE);
}

/** Reads the text of a job file for planning. */
export function readJobFile(text: string): JobReading {
  return readJobText(text, ABOVE);
}

/** What the tables alone can say, and the openings that follow from cases. */
const ABOVE = {
  check(job: WrittenJob, report: Report): void {
    checkSlides(job, report);
    checkHinges(job, report);
    checkSpecies(job, report);
  },
  complete: inCompartments,
};
