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
const tsc = (name, path, ...more) => ['npx', ['tsc', '-p', path, ...more, ...known(name)]];

const asked = (flag) => process.argv.includes(flag);

/**
 * Every part type-checked: plain TypeScript by tsc, the web application with its templates by ngc, unless that is left to a build.
 * With `--quick` all as tests may use it, and core, which may use less; with `--stories` those besides.
 */
const CHECKS = [
  ...(asked('--without-templates')
    ? []
    : [['npx', ['ngc', '-p', 'tsconfig.json', '--noEmit'], join(ROOT, 'apps/web')]]),
  tsc('specs', 'tsconfig.spec.json'),
  tsc('web-specs', 'apps/web/tsconfig.spec.json', '--noEmit'),
  tsc('core', 'packages/core'),
  ...(asked('--quick')
    ? []
    : [
        tsc('contract', 'packages/contract'),
        tsc('cli', 'packages/cli'),
        tsc('server', 'apps/server'),
        tsc('supplier', 'apps/supplier'),
        tsc('worker', 'apps/web/tsconfig.worker.json'),
      ]),
  ...(asked('--quick') && !asked('--stories') ? [] : [tsc('e2e', 'e2e')]),
];

await main(async () => {
  const waiting = [...CHECKS];
  const one = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const [command, args, cwd = ROOT] = next;
      const { code } = await run(command, args, { cwd });
      if (code !== 0) process.exitCode = 1;
    }
  };
  await Promise.all([one(), one()]);
});
