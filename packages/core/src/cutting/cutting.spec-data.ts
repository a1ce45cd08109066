import type { Job, JobDocument } from '../job';
import { patched, type Patch } from '../reading';
import { sample } from '../job/sample.spec-data';
import { plan, readJobDocument, type Plan } from '../plan';
import type { CutPart } from './cut-part';
import { partsOf } from './parts';

export function worked(document: JobDocument, ...patches: Patch[]): { job: Job; planned: Plan } {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return { job: reading.job, planned: plan(reading.job) };
}

export function cutParts(...patches: Patch[]): readonly CutPart[] {
  const { job, planned } = worked(sample, ...patches);
  return partsOf(job, planned).parts;
}

export const AT = '2026-11-23T09:00:00Z';
export const gate = { at: AT, by: 'Ines' };
