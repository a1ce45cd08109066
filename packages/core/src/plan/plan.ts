import { readJob, readJobText, showStep, type Job, type JobReading } from '../job';
import { writeExact, writeLength, type Length } from '../length';
import { checkSlides, slideTable } from '../slides';
import { planBank } from './bank';
import type { Plan } from './types';

/** Everything that follows from a job. Pure: the same job gives the same plan. Never throws on a job that was read. */
export function plan(job: Job): Plan {
  const table = slideTable(job);
  const step = showStep(job);
  const writing = {
    say: (length: Length): string => writeLength(length, { unit: job.unit, step }, { unit: true }),
    exact: (length: Length): string => writeExact(length, job.unit),
  };
  return {
    unit: job.unit,
    step,
    cases: job.cases.map((each, c) => ({
      id: each.id,
      name: each.name,
      path: `cases[${c}]`,
      banks: each.banks.map((bank, b) => planBank(job, each, bank, `cases[${c}].banks[${b}]`, table, writing)),
    })),
  };
}

/** Reads a job document for planning: its shape, its references and its slides. */
export function readJobDocument(value: unknown): JobReading {
  return readJob(value, checkSlides);
}

/** Reads the text of a job file for planning. */
export function readJobFile(text: string): JobReading {
  return readJobText(text, checkSlides);
}
