import { inches, millimetres, plan, readJobDocument } from '@zabble/core';
import { jobBegun, NOTHING_ASKED } from './job-begun';
import { WAYS } from './ways-of-building';

const [way] = WAYS;

describe('a new job from what was answered', () => {
  it('is the way of building where nothing is', () => {
    const like = way!.begin('in');
    expect(jobBegun(like, 'planned', NOTHING_ASKED)).toEqual({ document: like, wrong: {} });
  });

  it('has what was answered', () => {
    const { document, wrong } = jobBegun(way!.begin('in'), 'as-built', {
      name: ' Oar lockers ',
      customer: 'The loft',
      width: inches(385, 16),
      height: inches(63, 2),
      depth: millimetres(575),
      drawers: '6',
    });
    expect(wrong).toEqual({});
    expect(document).toMatchObject({ name: 'Oar lockers', customer: 'The loft' });
    const [bank] = document.cases[0]!.banks;
    expect(bank).toMatchObject({
      basis: 'as-built',
      opening: { width: ['24 1/16 in'], height: ['31 1/2 in'], depth: ['575 mm'] },
    });
    expect(bank!.drawers.map(({ id }) => id)).toEqual(['d1', 'd2', 'd3', 'd4', 'd5', 'd6']);
    const reading = readJobDocument(document);
    expect(reading.ok && plan(reading.job).cases[0]!.banks[0]!.drawers).toHaveLength(6);
  });

  it('keeps the usual drawers where there can’t be so many, and says so', () => {
    const like = way!.begin('mm');
    const asked = { ...NOTHING_ASKED, drawers: '61' };
    const { document, wrong } = jobBegun(like, 'planned', asked);
    expect(document).toEqual(like);
    expect(wrong.drawers).toContain('1 to 60 drawers');
  });
});
