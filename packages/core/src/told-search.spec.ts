import { filled } from './filled.spec-data';
import { logged } from './logged.spec-data';
import { digest } from './told.spec-data';
import { TOLD_JOBS } from './told-jobs.spec-data';
import { divided, laidOut, ordered } from './told-search.spec-data';
import { dayByDay, otherwise, paidFor } from './told-shop.spec-data';

const upTo = (count: number): readonly number[] => Array.from({ length: count }, (_, at) => at);

/**
 * What is looked for, tried and worked out around a job comes to the same as long as nobody means it to come to something else:
 * digests name what it comes to. Where they are meant to be others, `npm run jest -- told-search -u` writes them down anew.
 * @alone found by its name
 */
describe('what is looked for', () => {
  it('on the sheets of made-up parts is found as it was', () => {
    expect(upTo(60).map((seed) => digest(laidOut(seed)))).toMatchSnapshot();
  });

  it('in the order of work of made-up shops is found as it was', () => {
    expect(upTo(40).map((seed) => digest(ordered(seed)))).toMatchSnapshot();
  });

  it('in heights to be divided is found as it was', () => {
    expect(upTo(40).map((block) => digest(upTo(20).map((at) => divided(block * 20 + at))))).toMatchSnapshot();
  });
});

describe.each(Object.entries(TOLD_JOBS))('%s', (_, job) => {
  it('could be otherwise, as it could', () => {
    expect([job, filled(job, 2, 0.15)].map((each) => digest(otherwise(each)))).toMatchSnapshot();
  });

  it('is paid for as it was, whatever a shop says', () => {
    expect(
      [1, 2, 3].map((seed) => digest(paidFor(logged(filled(job, seed, 0.1), seed), seed))).join(' '),
    ).toMatchSnapshot();
  });
});

describe('the days of a shop', () => {
  const jobs = Object.values(TOLD_JOBS);

  it.each(upTo(10))('are told as they were: %d', (seed) => {
    const own = [jobs[seed % jobs.length], jobs[(seed + 3) % jobs.length]].map((job, at) =>
      at === 0 ? logged(job as object, seed) : filled(job as object, seed, 0.05),
    );
    expect(digest(dayByDay(own, seed))).toMatchSnapshot();
  });
});
