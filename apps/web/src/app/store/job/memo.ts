import {
  keepIdentity,
  planner,
  readJobDocument,
  withReadings,
  type Job,
  type JobDocument,
  type JobReading,
  type LogEntry,
  type Plan,
} from '@zabble/core';

const readings = new WeakMap<JobDocument, JobReading>();
const measured = new WeakMap<Job, { readonly log: readonly LogEntry[]; readonly job: Job }>();
const plans = new WeakMap<Job, Plan>();
const planNext = planner();
let last: Job | undefined;
let lastMeasured: Job | undefined;

/** The document as read; the same document is read once, however many ask. What reads as before is the same object. */
export function readMemo(document: JobDocument): JobReading {
  const known = readings.get(document);
  if (known) return known;
  const read = readJobDocument(document);
  const reading = read.ok ? { ...read, job: (last = keepIdentity(last, read.job)) } : read;
  readings.set(document, reading);
  return reading;
}

/** The job with what was measured back in it, worked out once; itself while its log is empty. */
export function measuredMemo(job: Job, log: readonly LogEntry[]): Job {
  if (log.length === 0) return job;
  const known = measured.get(job);
  if (known?.log === log) return known.job;
  const whole = withReadings({ ...job, log });
  lastMeasured = { ...keepIdentity(lastMeasured, { ...whole, log: [] }), log };
  measured.set(job, { log, job: lastMeasured });
  return lastMeasured;
}

/** What follows from a job, worked out once. */
export function planMemo(job: Job): Plan {
  const known = plans.get(job);
  if (known) return known;
  const planned = planNext(job);
  plans.set(job, planned);
  return planned;
}
