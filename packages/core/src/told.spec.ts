import { filled } from './filled.spec-data';
import { logged } from './logged.spec-data';
import { digest, REST, toldOf } from './told.spec-data';
import { TOLD_JOBS } from './told-jobs.spec-data';
import { variedOnce } from './varied.spec-data';

const VARIED = variedOnce(TOLD_JOBS);
/** One in so many of the changes is looked at here. */
const EVERY = 10;
/** How much is said besides, of what a job leaves out. */
const SHARES = [0.1, 0.25];

/**
 * What is told of a job stays what it is, to the nanometre and to the letter, until somebody means to change it: then what is
 * other is looked at, and `npm run jest -- told -u` writes it down anew. Digests name what else is told.
 * @alone found by its name
 */
describe.each(Object.entries(TOLD_JOBS))('%s', (name, job) => {
  it('is told as it was', () => {
    const told = toldOf(job);
    expect(told?.cards()).toMatchSnapshot('cards');
    const digests = Object.entries(told ?? {}).map(([room, tell]) => `${room} ${digest(tell())}`);
    expect(digests.join('\n')).toMatchSnapshot('digests');
  });

  it('is told as it was where one of its fields is another', () => {
    const few = (VARIED.get(name) ?? []).filter((_, at) => at % EVERY === 0);
    const lines = few.map(({ what, document }, at) => {
      const told = toldOf(document);
      const rest = REST[at % (REST.length - 1)] ?? 'price';
      return `${what}: ${[told?.plan, told?.findings, told?.cut, told?.[rest]].map((tell) => digest(tell?.())).join(' ')}`;
    });
    expect(lines.join('\n')).toMatchSnapshot();
  });

  it('is told as it was where much else is said, and with a log', () => {
    const lines = SHARES.map((share, seed) => {
      const told = toldOf(logged(filled(job, seed, share), seed));
      return Object.entries(told ?? {})
        .map(([room, tell]) => `${room} ${digest(tell())}`)
        .join(', ');
    });
    expect(lines).toMatchSnapshot();
  });
});
