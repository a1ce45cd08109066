import type { JobSummary } from '@zabble/contract';
import { plan, readJobDocument, smallFaces, type JobDocument } from '@zabble/core';

/** What a list shows of a job besides its name: kept beside it as text, for the revision it is of. */
export type KeptSummary = Pick<JobSummary, 'unit' | 'faces'>;

/** Of a document that can't be read any more there is nothing to show. */
export function summaryOf(document: JobDocument): KeptSummary {
  const reading = readJobDocument(document);
  if (!reading.ok) return { unit: document.unit === 'mm' ? 'mm' : 'in', faces: [] };
  return {
    unit: reading.job.unit,
    faces: plan(reading.job).cases.flatMap(smallFaces),
  };
}
