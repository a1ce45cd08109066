import { run } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';

/**
 * The quick part of the tests, while one works: lint, types, and every Jest suite that needs no database and is not long
 * (`*.long.spec.ts`, random jobs by the thousand). What ran before and did not change is not looked at again.
 */
const CHECKS = [
  ['Types', ['npm', ['run', '-s', 'types']]],
  [
    'Lint',
    ['npx', ['eslint', '.', '--max-warnings', '0', '--cache', '--cache-location', 'node_modules/.cache/eslint/']],
  ],
  ['Formatting', ['npx', ['prettier', '--check', '.', '--cache', '--log-level', 'warn']]],
  ['Rooms', ['npx', ['depcruise', '--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']]],
];
const JEST = [
  ...['jest', '--selectProjects', 'core', 'contract', 'cli', 'scripts', 'web', '--silent', '--maxWorkers=2'],
  ...['--testPathIgnorePatterns', '\\.long\\.spec\\.ts$', '/node_modules/'],
];

await main(async () => {
  const started = Date.now();
  let failed = 0;
  const check = async (name, [command, args]) => {
    const { code, text } = await run(command, args, { quiet: true });
    say(code === 0 ? `${name}: nothing to say` : `${text}\n${name}: FAILED`);
    if (code !== 0) failed += 1;
  };
  const others = (async () => {
    for (const [name, call] of CHECKS) await check(name, call);
  })();
  await Promise.all([others, check('Jest', ['npx', JEST])]);
  say(
    `\n${failed === 0 ? 'All is well' : `${failed} checks FAILED`}, in ${Math.round((Date.now() - started) / 1000)} s`,
  );
  if (failed > 0) process.exitCode = 1;
});
