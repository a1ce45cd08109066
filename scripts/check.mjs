import { changedFiles } from './lib/changed.mjs';
import { run } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';

/** Suites that need neither a database nor a page, and take seconds. */
const QUICK = ['core', 'contract', 'cli', 'scripts', 'web plain'];
const CODE = /\.(?:ts|mjs|cjs|js)$/;
const PAGES = /^apps\/web\/src\/.*\.ts$/;

/**
 * The quick part of the tests, while one works: types; what was changed since the last commit is linted, and looked at by
 * the tests of pages and by the compiler of templates; of all the rest every suite that needs no database and no page and
 * is not long (`*.long.spec.ts`). `npm test` is the whole.
 */
await main(async () => {
  const started = Date.now();
  const changed = await changedFiles();
  const of = (pattern) => (changed ?? ['.']).filter((name) => changed === undefined || pattern.test(name));
  const pages = (changed ?? []).filter((name) => PAGES.test(name));
  // Types of what is as it was committed were looked at then, and templates.
  const without = [
    ...(of(CODE).length > 0 ? [] : ['--quick']),
    ...(changed === undefined || pages.length > 0 ? [] : ['--without-templates']),
  ];
  const checks = [
    ['Types', ['npm', ['run', '-s', 'types', '--', ...without]]],
    ['Rooms', ['npx', ['depcruise', '--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']]],
    ...given('Lint', of(CODE), (files) => ['npx', ['eslint', '--max-warnings', '0', '--no-warn-ignored', ...files]]),
    ...given('Formatting', of(/./), (files) => ['npx', ['prettier', '--check', '--log-level', 'warn', '-u', ...files]]),
    ...given('Pages', pages, (files) => ['npx', jest(['web'], '--findRelatedTests', '--passWithNoTests', ...files)]),
  ];
  let failed = 0;
  const check = async ([name, [command, args]]) => {
    const { code, text } = await run(command, args, { quiet: true });
    say(code === 0 ? `${name}: nothing to say` : `${text}\n${name}: FAILED`);
    if (code !== 0) failed += 1;
  };
  const others = (async () => {
    for (const each of checks) await check(each);
  })();
  await Promise.all([others, check(['Jest', ['npx', jest(QUICK)]])]);
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
