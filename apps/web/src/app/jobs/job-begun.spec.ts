import { inches, millimetres, plan, readJobDocument } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { jobBegun, NOTHING_ASKED, wholeBegun } from './job-begun';
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

describe('a new job with a whole case', () => {
  const WAY = newJob('in');

  it('has its bank in a compartment of a case as large as it is told', () => {
    const { document, wrong } = wholeBegun(WAY, { ...NOTHING_ASKED, width: inches(40), drawers: '5' });
    const [owner] = document.cases;
    expect(wrong).toEqual({});
    expect(owner?.build).toMatchObject({ width: '40 in', panel: 'front' });
    expect(owner?.banks[0]).toMatchObject({ compartment: 'A', basis: 'planned' });
    expect(owner?.banks[0]?.drawers).toHaveLength(5);
    expect(owner?.banks[0]?.opening).toBeUndefined();
    expect(readJobDocument(document).ok).toBe(true);
  });

  it('is as large as the opening of the way of building wants where nothing is told', () => {
    const reading = readJobDocument(wholeBegun(WAY, NOTHING_ASKED).document);
    expect(reading.ok && reading.job.cases[0]?.banks[0]?.opening.width).toEqual([inches(24)]);
  });
});
