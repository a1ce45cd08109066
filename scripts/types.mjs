import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { main } from './lib/say.mjs';

/** Every part type-checked: plain TypeScript by tsc, the web application with its templates by ngc. */
const CHECKS = [
  ['npx', ['tsc', '-p', 'packages/core']],
  ['npx', ['tsc', '-p', 'packages/contract']],
  ['npx', ['tsc', '-p', 'packages/cli']],
  ['npx', ['tsc', '-p', 'apps/server']],
  ['npx', ['tsc', '-p', 'tsconfig.spec.json']],
  ['npx', ['tsc', '-p', 'apps/web/tsconfig.spec.json', '--noEmit']],
  ['npx', ['tsc', '-p', 'apps/web/tsconfig.worker.json']],
  ['npx', ['tsc', '-p', 'e2e']],
  ['npx', ['ngc', '-p', 'tsconfig.json', '--noEmit'], join(ROOT, 'apps/web')],
];

await main(async () => {
  for (const [command, args, cwd = ROOT] of CHECKS) {
    const { code } = await run(command, args, { cwd });
    if (code !== 0) process.exitCode = 1;
  }
});
