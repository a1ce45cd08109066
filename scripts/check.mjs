import { changedFiles } from './lib/changed.mjs';
import { run } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';

/** Suites that need neither a database nor a page, and take seconds. */
const QUICK = ['core', 'contract', 'cli', 'web plain'];
const CODE = /\.(?:ts|mjs|cjs|js)$/;
const PAGES = /^apps\/web\/src\/.*\.ts$/;
const SCRIPTS = /^scripts\//;

/**
 * The quick part of the tests, while one works: types, without templates, which a build looks at; who imports whom, lint,
 * formatting, scripts and pages where they were changed since the last commit; of all the rest every suite that needs no
 * database and no page and is not long (`*.long.spec.ts`). `npm test` is the whole.
 */
await main(async () => {
  const started = Date.now();
  const changed = await changedFiles();
  // Where nobody knows what was changed, everything was: but pages, which take long.
  const of = (pattern) => changed?.filter((name) => pattern.test(name)) ?? ['.'];
  const where = (pattern, ...what) => (of(pattern).length > 0 ? what : []);
  const pages = changed === undefined ? [] : of(PAGES);
  const checks = [
    ['Types', ['npm', ['run', '-s', 'types', '--', '--without-templates']]],
    ...where(CODE, ['Rooms', ['npx', ['depcruise', '--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']]]),
    ...given('Lint', of(CODE), (files) => ['npx', ['eslint', '--max-warnings', '0', '--no-warn-ignored', ...files]]),
    ...given('Formatting', of(/./), (files) => [
      'npx',
      ['oxfmt', '--check', '--no-error-on-unmatched-pattern', ...files],
    ]),
    ...given('Pages', pages, (files) => ['npx', jest(['web'], '--findRelatedTests', '--passWithNoTests', ...files)]),
  ];
  let failed = 0;
  const check = async ([name, [command, args, env]]) => {
    const began = Date.now();
    const { code, text } = await run(command, args, { quiet: true, env });
    const took = `${Math.round((Date.now() - began) / 1000)} s`;
    say(code === 0 ? `${name}: nothing to say, ${took}` : `${text}\n${name}: FAILED, ${took}`);
    if (code !== 0) failed += 1;
  };
  const others = (async () => {
    for (const each of checks) await check(each);
  })();
  await Promise.all([
    others,
    check(['Jest', ['npx', jest([...QUICK, ...where(SCRIPTS, 'scripts')]), { ZABBLE_TESTS: 'together' }]]),
  ]);
  say(
    `\n${failed === 0 ? 'All is well' : `${failed} checks FAILED`}, in ${Math.round((Date.now() - started) / 1000)} s`,
  );
  if (failed > 0) process.exitCode = 1;
});

/** Nothing to do where there is no file for it. */
function given(name, files, call) {
  return files.length === 0 ? [] : [[name, call(files)]];
}

function jest(projects, ...more) {
  const quick = ['--testPathIgnorePatterns', '\\.long\\.spec\\.ts$', '/node_modules/'];
  return ['jest', '--selectProjects', ...projects, '--silent', '--ci', '--maxWorkers=2', ...more, ...quick];
}
