import {
  ENGLISH,
  readJobDocument,
  recorded,
  showStep,
  wordsIn,
  type Job,
  type JobDocument,
  type LogEntry,
} from '@zabble/core';
import type { FoundEntry } from '@zabble/contract';

/** A document that was kept; nothing where it can't be read any more. */
export function jobOf(document: JobDocument): Job | undefined {
  const reading = readJobDocument(document);
  return reading.ok ? reading.job : undefined;
}

/** An entry as a line of the record, lengths as the job shows them. */
export function lineOf(job: Job, entry: LogEntry): Omit<FoundEntry, 'job' | 'jobName'> {
  const words = wordsIn(ENGLISH, { unit: job.unit, step: showStep(job) });
  const { said, where, ...line } = recorded(job, entry);
  return { ...line, says: words.say(said), where: where ? words.say(where) : '' };
}
