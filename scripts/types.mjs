import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { main } from './lib/say.mjs';

/** What the last run knew, so that only what changed is looked at again. */
const known = (name) => [
  '--incremental',
  '--tsBuildInfoFile',
  join(ROOT, 'node_modules', '.cache', 'types', `${name}.tsbuildinfo`),
];

/**
 * Looked at by the compiler that is a program of its own, which takes a sixth of the time; Angular builds on the other. On one
 * thread: others have work beside, and it does some of its own twice.
 */
const TSC = join(ROOT, 'node_modules', 'typescript-native', 'bin', 'tsc');
const tsc = (name, path) => [process.execPath, [TSC, '-p', path, '--noEmit', '--singleThreaded', ...known(name)]];

/** Every part type-checked: plain TypeScript by tsc, the web application with its templates by ngc, unless that is left to a build. */
const CHECKS = [
  ...(process.argv.includes('--without-templates')
    ? []
    : [['npx', ['ngc', '-p', 'tsconfig.json', '--noEmit'], join(ROOT, 'apps/web')]]),
  tsc('specs', 'tsconfig.spec.json'),
  tsc('web-specs', 'apps/web/tsconfig.spec.json'),
  tsc('core', 'packages/core'),
  tsc('contract', 'packages/contract'),
  tsc('cli', 'packages/cli'),
  tsc('server', 'apps/server'),
  tsc('supplier', 'apps/supplier'),
  tsc('worker', 'apps/web/tsconfig.worker.json'),
  tsc('e2e', 'e2e'),
];

await main(async () => {
  for (const [command, args, cwd = ROOT] of CHECKS) {
    const { code } = await run(command, args, { cwd });
    if (code !== 0) process.exitCode = 1;
  }
});
