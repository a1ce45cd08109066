import {
  ENGLISH,
  readJobDocument,
  recorded,
  showStep,
  wordsIn,
  type Job,
  type JobDocument,
  type LogEntry,
  said,
} from '@zabble/core';
import type { FoundEntry } from '@zabble/contract';
import { refuse } from '../http/refusal';

/** A document that was kept can be read. */
export function jobOf(document: JobDocument): Job {
  const reading = readJobDocument(document);
  if (!reading.ok) throw refuse(422, said('job-unreadable-now'));
  return reading.job;
}

/** An entry as a line of the record, lengths as the job shows them. */
export function lineOf(job: Job, entry: LogEntry): Omit<FoundEntry, 'job' | 'jobName'> {
  const words = wordsIn(ENGLISH, { unit: job.unit, step: showStep(job) });
  const { said, where, ...line } = recorded(job, entry);
  return { ...line, says: words.say(said), where: where ? words.say(where) : '' };
}
