import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { run } from './lib/run.mjs';
import { main, say, Stop } from './lib/say.mjs';
import { jestFailures, playwrightFailures } from './lib/why-failed.mjs';

const PACKAGES = ['mariadb-server', 'galera-4', 'rsync', 'openssl', 'chromium-headless-shell', 'poppler-utils'];

const totals = { passed: 0, failed: 0 };
const failures = [];

await main(async () => {
  await Promise.all([ensurePackages(...PACKAGES), ensureDependencies()]);
  say('\nLint, types, build …');
  // Templates are checked by the build.
  const [built] = await Promise.all([
    build(),
    check('Lint', ['run', '-s', 'lint:code']),
    inTurn([
      () => check('Types', ['run', '-s', 'types', '--', '--without-templates']),
      () => check('Formatting', ['run', '-s', 'lint:format']),
      () => check('Rooms', ['run', '-s', 'lint:rooms']),
    ]),
  ]);
  await jest();
  if (built) await playwright();
  // Told again where a run is looked at first: at its end.
  for (const [name, reason] of failures) say(`\n✗ ${name}\n${reason}`);
  process.stdout.write(`\ntests: ${totals.passed} passed, ${totals.failed} failed\n`);
  if (totals.failed > 0 || totals.passed === 0) process.exitCode = 1;
});

/** A check is no test: passing it counts for nothing, failing it is a failure of the run. */
async function check(name, args) {
  const { code, text } = await run('npm', args, { quiet: true });
  say(code === 0 ? `${name}: nothing to say` : `${text}\n${name}: FAILED`);
  if (code !== 0) totals.failed += 1;
}

async function inTurn(all) {
  for (const each of all) await each();
}

/** Whether there is something stories can be told of. */
async function build() {
  try {
    await ensureBuild();
    say('Build: made');
    return true;
  } catch (problem) {
    if (!(problem instanceof Stop)) throw problem;
    say(`${problem.message}\nBuild: FAILED`);
    totals.failed += 1;
    return false;
  }
}

async function jest() {
  say('\nJest …');
  const report = join(tmpdir(), `zabble-jest-${process.pid}.json`);
  // One more than there are cores: tests of the server wait for the database half of their time.
  const args = ['jest', '--maxWorkers=3', '--ci', '--json', `--outputFile=${report}`, '--silent'];
  const { code } = await run('npx', args, { env: { ZABBLE_TESTS: 'together' } });
  const result = readReport(report);
  failures.push(...jestFailures(result));
  const suites = result?.numRuntimeErrorTestSuites ?? 1;
  add('Jest', result?.numPassedTests ?? 0, (result?.numFailedTests ?? 0) + suites, code);
}

async function playwright() {
  say('\nPlaywright …');
  const report = join(tmpdir(), `zabble-playwright-${process.pid}.json`);
  const env = { PLAYWRIGHT_JSON_OUTPUT_NAME: report, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  const { code } = await run(
    'npx',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts', '--reporter=line,json'],
    { env },
  );
  const result = readReport(report);
  failures.push(...playwrightFailures(result));
  const stats = result?.stats;
  add('Playwright', (stats?.expected ?? 0) + (stats?.flaky ?? 0), stats ? stats.unexpected : 1, code);
}

function add(runner, passed, failed, code) {
  say(`${runner}: ${passed} passed, ${failed} failed`);
  totals.passed += passed;
  totals.failed += failed;
  if (code !== 0 && failed === 0) totals.failed += 1;
}

function readReport(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  } finally {
    rmSync(file, { force: true });
  }
}
