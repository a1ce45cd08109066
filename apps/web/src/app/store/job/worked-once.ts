import {
  asBefore,
  planner,
  readJobDocument,
  type Job,
  type JobDocument,
  type JobReading,
  type Plan,
} from '@zabble/core';

const readings = new WeakMap<JobDocument, JobReading>();
const plans = new WeakMap<Job, Plan>();
const follow = planner();
let last: Job | undefined;

/** The document as read; the same document is read once, however many ask. What reads as before is the same object. */
export function readOnce(document: JobDocument): JobReading {
  const known = readings.get(document);
  if (known) return known;
  const read = readJobDocument(document);
  const reading = read.ok ? { ...read, job: (last = asBefore(last, read.job)) } : read;
  readings.set(document, reading);
  return reading;
}

/** What follows from a job, worked out once. */
export function planOnce(job: Job): Plan {
  const known = plans.get(job);
  if (known) return known;
  const planned = follow(job);
  plans.set(job, planned);
  return planned;
}
