import { isNominal } from '../findings';
import { readJob, readJobText, showStep, type Job, type JobReading, type Material } from '../job';
import { writeExact, writeLength, type Length } from '../length';
import { checkSlides, slideTable } from '../slides';
import { planCase } from './case';
import type { Plan } from './types';

/** Everything that follows from a job. Pure: the same job gives the same plan. Never throws on a job that was read. */
export function plan(job: Job): Plan {
  const step = showStep(job);
  const writing = {
    say: (length: Length): string => writeLength(length, { unit: job.unit, step }, { unit: true }),
    exact: (length: Length): string => writeExact(length, job.unit),
  };
  const left = new Set(job.materials.filter(isNominal));
  const untold = (material: Material): boolean => left.delete(material);
  const shop = { job, table: slideTable(job), writing, untold, someUntold: () => left.size > 0 };
  return { unit: job.unit, step, cases: job.cases.map((each, c) => planCase(shop, each, `cases[${c}]`)) };
}

/** Reads a job document for planning: its shape, its references and its slides. */
export function readJobDocument(value: unknown): JobReading {
  return readJob(value, checkSlides);
}

/** Reads the text of a job file for planning. */
export function readJobFile(text: string): JobReading {
  return readJobText(text, checkSlides);
}
