import { CASE_ROWS, documentOf } from './plan/case-findings.spec-data';
import { JUDGEMENTS } from './plan/judgements.spec-data';
import { one } from './plan/plan.spec-data';
import { digest, toldOf } from './told.spec-data';
import { TOLD_JOBS } from './told-jobs.spec-data';
import { LACKING_JOBS } from './told-lacking.spec-data';
import { variedOnce } from './varied.spec-data';

/**
 * What is found of a job, and what mends it, stays what it is as long as nobody means it to be other: digests name what it comes to. Where they are meant to be others, `npm run jest -- told-found -u` writes them down anew.
 * @alone found by its name
 */
describe('what is found', () => {
  it('where it is judged stays what it is, with what mends it', () => {
    const lines = JUDGEMENTS.map(([code, , fires, holds]) => {
      const found = [fires, holds].map((patches) => digest(one(...patches).findings));
      return `${code} ${found.join(' ')}`;
    });
    expect(lines.join('\n')).toMatchSnapshot();
  });

  it('of cases where it is judged stays what it is, with what mends it', () => {
    const lines = CASE_ROWS.map(([code, fires, holds]) => {
      const found = [fires, holds].map((row) => digest(toldOf(documentOf(row))?.findings()));
      return `${code} ${found.join(' ')}`;
    });
    expect(lines.join('\n')).toMatchSnapshot();
  });

  const varied = variedOnce({ ...TOLD_JOBS, ...LACKING_JOBS });

  it.each([...varied.keys()])('in %s where one of its fields is another is found as it was', (name) => {
    const some = (varied.get(name) ?? []).filter((_, at) => at % 4 === 1);
    const lines = some.map(({ what, document }) => `${what}: ${digest(toldOf(document)?.findings())}`);
    expect(lines.join('\n')).toMatchSnapshot();
  });
});
