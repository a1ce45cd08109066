import { plan, readJobDocument, type CasePlan, type JobDocument } from '@zabble/core';

/** The first case of a job, planned. */
export function planned(document: JobDocument): CasePlan {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  const [whole] = plan(reading.job).cases;
  if (!whole) throw new Error('no case');
  return whole;
}
