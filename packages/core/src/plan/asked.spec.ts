import type { JobDocument } from '../job';
import { inMillimetres } from '../length';
import { tallyIn, type Asked } from './asked';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeJob } from './whole-case.spec-data';

const band = { thickness: '1/32 in', members: { divider: ['front'] } };
const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, build: { ...WHOLE_CASE.build, band } }) as JobDocument);
if (!reading.ok) throw new Error('unread');
const planned = plan(reading.job);
const asked = (of: object): number | undefined => {
  const tally = tallyIn(planned, undefined, { case: 'cases[0]', ...of } as Asked);
  return tally && inMillimetres(tally.total);
};

describe('the sum behind a number of a case', () => {
  const members = planned.cases[0]!.casework!.members;
  const row = members.findIndex(({ role }) => role === 'divider');

  it('is that of a member as it is sawn, before its band', () => {
    // 565.9 deep less 1/32 in.
    expect(asked({ kind: 'member', row, size: 'width' })).toBeCloseTo(565.9 - 25.4 / 32, 6);
    expect(asked({ kind: 'member', row: 99, size: 'width' })).toBeUndefined();
  });

  it('is that of a compartment', () => {
    expect(asked({ kind: 'compartment', compartment: 'left', size: 'width' })).toBe(431.8);
    expect(asked({ kind: 'compartment', compartment: 'left', size: 'depth' })).toBeCloseTo(584.95, 6);
    expect(asked({ kind: 'compartment', compartment: 'attic', size: 'depth' })).toBeUndefined();
  });
});
