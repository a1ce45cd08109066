import { plan, readJobDocument, solidOf } from '@zabble/core';
import splicing from '../../../../../../examples/splicing-bench.json';

/** The splicing bench in its alcove, as a solid. */
export function splicingBench() {
  const reading = readJobDocument(splicing);
  if (!reading.ok) throw new Error('the job can’t be read');
  const made = plan(reading.job);
  const [owner] = made.cases;
  if (!owner) throw new Error('no case');
  const solid = solidOf(reading.job, made, owner);
  return { document: splicing, job: reading.job, plan: made, owner, solid, motions: solid.motions };
}
