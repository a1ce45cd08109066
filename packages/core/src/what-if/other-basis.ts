import type { Job, JobDocument } from '../job';
import { patched, valueAt, type Patch } from '../reading';
import { bankWith } from './bank-with';
import type { BankPlan } from '../plan';

/**
 * Turns the bank at `path` to its other basis, planned or as built. Its readings are set aside and those set aside
 * before come back, so that nothing measured is lost; the first time the planned sizes stand until they are measured.
 */
export function turnBasis(job: Job | JobDocument, path: string): readonly Patch[] {
  const [opening, aside] = [valueAt(job, `${path}.opening`), valueAt(job, `${path}.aside`)];
  const basis = valueAt(job, `${path}.basis`) === 'planned' ? 'as-built' : 'planned';
  return [
    { path: `${path}.basis`, value: basis },
    { path: `${path}.opening`, value: aside ?? opening },
    { path: `${path}.aside`, value: opening },
  ];
}

/** The bank at `path` by the readings set aside; undefined where none are. */
export function inOtherBasis(job: Job, path: string): BankPlan | undefined {
  if (valueAt(job, `${path}.aside`) === undefined) return undefined;
  return bankWith(patched(job, turnBasis(job, path)), path);
}
