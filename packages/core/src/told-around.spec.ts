import { filled } from './filled.spec-data';
import { logged } from './logged.spec-data';
import { digest, toldOf } from './told.spec-data';
import { TOLD_JOBS } from './told-jobs.spec-data';
import { LACKING_JOBS } from './told-lacking.spec-data';
import { otherwise, paidFor } from './told-shop.spec-data';
import { worked } from './worked.spec-data';

/**
 * What a job could be, what it costs and where it is on its way stays what it is as long as nobody means it to be other: digests name what it comes to. Where they are meant to be others, `npm run jest -- told-around -u` writes them down anew.
 * @alone found by its name
 */
describe.each(Object.entries({ ...TOLD_JOBS, ...LACKING_JOBS }))('%s', (_, job) => {
  it('could be otherwise, as it could', () => {
    expect([job, filled(job, 2, 0.15)].map((each) => digest(otherwise(each)))).toMatchSnapshot();
  });

  it('is paid for as it was, whatever a shop says', () => {
    expect(
      [1, 2, 3].map((seed) => digest(paidFor(logged(filled(job, seed, 0.1), seed), seed))).join(' '),
    ).toMatchSnapshot();
  });

  it('is told as it was somewhere on its way', () => {
    const lines = [1, 2].map((seed) => {
      const document = logged(worked(filled(job, seed, 0.04), seed), seed);
      const told = Object.entries(toldOf(document) ?? {}).map(([room, tell]) => `${room} ${digest(tell())}`);
      return [...told, `paid ${digest(paidFor(document, seed))}`].join(', ');
    });
    expect(lines).toMatchSnapshot();
  });
});

it.each(Object.entries(LACKING_JOBS))('%s is told as it was', (_, job) => {
  const told = Object.entries(toldOf(job) ?? {});
  expect(told.map(([room, tell]) => `${room} ${digest(tell())}`)).toMatchSnapshot();
});
