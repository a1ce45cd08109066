import { partsOf, plan, readJobDocument, ripsNow, type JobDocument } from '..';
import { inMillimetres } from '../length';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';

function rips(gates: object): readonly string[] {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, gates }) as JobDocument);
  if (!reading.ok) throw new Error('unread');
  const { parts } = partsOf(reading.job, plan(reading.job));
  return ripsNow(reading.job, parts).map(({ width, parts: all }) => `${inMillimetres(width)} × ${all.length}`);
}

const deed = { at: '2026-11-28T10:00:00.000Z' };

// Common practice: rips once thicknesses are measured, lengths when the case is glued.
describe('rips before lengths', () => {
  it('are of the face frame, once the space is surveyed and until the case is glued', () => {
    expect(rips({})).toEqual([]);
    // Two stiles of 1 3/4 in; two rails and a middle stile of 1 1/2; a middle rail of 3/4.
    expect(rips({ survey: deed })).toEqual(['44.45 × 2', '38.1 × 3', '19.05 × 1']);
    expect(rips({ glued: deed })).toEqual([]);
  });
});
