/** So many lines of a reason are told. */
const LINES = 14;
// Colours of a terminal.
const COLOURS = /\u001b\[[0-9;]*m/g;

/** What failed in a run of Jest and why, by its report as JSON: `[name, reason]` each. */
export function jestFailures(report) {
  return (report?.testResults ?? []).flatMap(({ name, message, assertionResults }) => {
    const failed = assertionResults.filter(({ status }) => status === 'failed');
    if (failed.length === 0) return assertionResults.length === 0 && message ? [[name, short(message)]] : [];
    return failed.map(({ fullName, failureMessages }) => [fullName, short(failureMessages.join('\n'))]);
  });
}

/** The same of a run of Playwright. */
export function playwrightFailures(report) {
  return (report?.suites ?? []).flatMap((suite) => [
    ...playwrightFailures(suite),
    ...(suite.specs ?? []).flatMap(({ title, file, line, tests }) =>
      tests
        .filter(({ status }) => status === 'unexpected')
        .map(({ results }) => [
          `${file}:${line} ${title}`,
          short(results.flatMap(({ errors }) => errors.map(({ message }) => message)).join('\n')),
        ]),
    ),
  ]);
}

function short(reason) {
  return reason.replace(COLOURS, '').split('\n').slice(0, LINES).join('\n');
}
