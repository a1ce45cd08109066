import { plan, readJobDocument, type Job, type JobDocument, type JobReading, type Plan } from '@zabble/core';

const readings = new WeakMap<JobDocument, JobReading>();
const plans = new WeakMap<Job, Plan>();

/** The document as read; the same document is read once, however many ask. */
export function readOnce(document: JobDocument): JobReading {
  const known = readings.get(document);
  if (known) return known;
  const reading = readJobDocument(document);
  readings.set(document, reading);
  return reading;
}

/** What follows from a job, worked out once. */
export function planOnce(job: Job): Plan {
  const known = plans.get(job);
  if (known) return known;
  const planned = plan(job);
  plans.set(job, planned);
  return planned;
}
