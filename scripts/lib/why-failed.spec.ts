import { asked } from './asked.spec-data';

const why = (runner: 'jest' | 'playwright', report?: object): unknown =>
  asked('why-failed.mjs', `m.${runner}Failures(${JSON.stringify(report ?? null)} ?? undefined)`);

describe('what failed, and why', () => {
  it('of Jest: the tests that failed, and files that could not be run', () => {
    const report = {
      testResults: [
        {
          name: 'sum.spec.ts',
          message: '',
          assertionResults: [
            { status: 'passed', fullName: 'sum adds', failureMessages: [] },
            { status: 'failed', fullName: 'sum carries', failureMessages: ['\u001b[31mwant 10, have 9\u001b[39m'] },
          ],
        },
        { name: 'broken.spec.ts', message: 'can’t be read', assertionResults: [] },
      ],
    };
    expect(why('jest', report)).toEqual([
      ['sum carries', 'want 10, have 9'],
      ['broken.spec.ts', 'can’t be read'],
    ]);
    expect(why('jest')).toEqual([]);
  });

  it('of Playwright: the stories that failed, wherever they stand; long reasons are cut', () => {
    const story = (title: string, status: string, messages: readonly string[]) => ({
      title,
      file: 'divide.e2e.ts',
      line: 48,
      tests: [{ status, results: [{ errors: messages.map((message) => ({ message })) }] }],
    });
    const long = Array.from({ length: 40 }, (_, line) => `line ${line}`);
    const report = {
      suites: [
        {
          specs: [story('is undone', 'expected', [])],
          suites: [{ specs: [story('is undone after a reload', 'unexpected', long)] }],
        },
      ],
    };
    expect(why('playwright', report)).toEqual([
      ['divide.e2e.ts:48 is undone after a reload', long.slice(0, 14).join('\n')],
    ]);
  });
});
