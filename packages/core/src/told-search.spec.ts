import { filled } from './filled.spec-data';
import { logged } from './logged.spec-data';
import { digest } from './told.spec-data';
import { TOLD_JOBS } from './told-jobs.spec-data';
import { divided, laidOut, ordered, orderedAtLength } from './told-search.spec-data';
import { dayByDay } from './told-shop.spec-data';
import { worked } from './worked.spec-data';

const upTo = (count: number): readonly number[] => Array.from({ length: count }, (_, at) => at);

/**
 * What is looked for comes to the same as long as nobody means it to come to something else: digests name what it comes to. Where they are meant to be others, `npm run jest -- told-search -u` writes them down anew.
 * @alone found by its name
 */
describe('what is looked for', () => {
  it.each(upTo(6))('on the sheets of made-up parts is found as it was: %d', (block) => {
    expect(upTo(10).map((at) => digest(laidOut(block * 10 + at)))).toMatchSnapshot();
  });

  it.each(upTo(8))('in the order of work of made-up shops is found as it was: %d', (block) => {
    expect(upTo(5).map((at) => digest(ordered(block * 5 + at)))).toMatchSnapshot();
  });

  it.each(upTo(3))('in the order of work is found as it was where there is much to look for: %d', (seed) => {
    expect(digest(orderedAtLength(seed))).toMatchSnapshot();
  });

  it.each(upTo(8))('in heights to be divided is found as it was: %d', (block) => {
    expect(upTo(100).map((at) => digest(divided(block * 100 + at)))).toMatchSnapshot();
  });
});

describe('the days of a shop', () => {
  const jobs = Object.values(TOLD_JOBS);

  it.each(upTo(10))('are told as they were: %d', (seed) => {
    const own = [jobs[seed % jobs.length], jobs[(seed + 3) % jobs.length]].map((job, at) =>
      at === 0 ? worked(logged(job as object, seed), seed) : worked(filled(job as object, seed, 0.05), seed + 1),
    );
    expect(digest(dayByDay(own, seed))).toMatchSnapshot();
  });
});
