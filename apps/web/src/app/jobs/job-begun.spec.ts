import { IN_ENGLISH } from '../words/words.spec-data';
import { plan, readJobDocument } from '@zabble/core';
import { jobBegun, NOTHING_ASKED } from './job-begun';
import { WAYS } from './ways-of-building';

const [way] = WAYS;

describe('a new job from what was answered', () => {
  it('is the way of building where nothing is', () => {
    const like = way!.begin('in');
    expect(jobBegun(like, 'planned', NOTHING_ASKED, IN_ENGLISH)).toEqual({ document: like, wrong: {} });
  });

  it('has what was answered', () => {
    const { document, wrong } = jobBegun(
      way!.begin('in'),
      'as-built',
      {
        name: ' Oar lockers ',
        customer: 'The loft',
        width: "2' 1/16",
        height: '31 1/2',
        depth: '575 mm',
        drawers: '6',
      },
      IN_ENGLISH,
    );
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

  it('keeps the last good size where one can’t be read, and says so', () => {
    const like = way!.begin('mm');
    const asked = { ...NOTHING_ASKED, width: 'sixty', height: '0', drawers: '61' };
    const { document, wrong } = jobBegun(like, 'planned', asked, IN_ENGLISH);
    expect(document).toEqual(like);
    expect(wrong.width).toContain('sixty');
    expect(wrong.height).toContain('more than nothing');
    expect(wrong.drawers).toContain('1 to 60 drawers');
  });
});
