import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, SERVER } from './paths.mjs';
import { run } from './run.mjs';
import { say, Stop } from './say.mjs';
import { hashOf, isStamped, stamp } from './stamp.mjs';

const SOURCES = [
  'packages/core',
  'packages/contract',
  'apps/supplier',
  'apps/server/package.json',
  'apps/server/src',
  'apps/web',
  'package-lock.json',
  'tsconfig.base.json',
];

/** The server, and what works in threads beside it. */
const SERVER_PROGRAMS = [
  'main=apps/server/src/main.ts',
  'share=apps/server/src/share.ts',
  'looking-worker=apps/server/src/looking/worker.ts',
  'print-worker=apps/server/src/print/worker.ts',
  'supplier=apps/supplier/src/main.ts',
];

/** Builds server and web application, when their sources changed since the last time. */
export async function ensureBuild() {
  const hash = hashOf(SOURCES);
  const built = existsSync(SERVER) && existsSync(join(ROOT, 'apps/web/dist/browser/index.html'));
  if (built && isStamped('build', hash)) return;
  say('Building …');
  await step('server', 'npx', ['esbuild', ...SERVER_PROGRAMS, ...serverFlags()]);
  await step('web application', 'npx', ['ng', 'build'], join(ROOT, 'apps/web'));
  stamp('build', hash);
}

/** Only the workspaces' own code is bundled; packages of the registry stay packages. */
function serverFlags() {
  const { dependencies } = JSON.parse(readFileSync(join(ROOT, 'apps/server/package.json'), 'utf8'));
  const external = Object.keys(dependencies).filter((name) => !name.startsWith('@zabble/'));
  return [
    '--bundle',
    '--platform=node',
    '--target=node20',
    '--format=esm',
    '--sourcemap',
    '--outdir=apps/server/dist',
    '--tsconfig=apps/server/tsconfig.json',
    '--log-level=warning',
    ...external.flatMap((name) => [`--external:${name}`, `--external:${name}/*`]),
  ];
}

async function step(what, command, args, cwd = ROOT) {
  const { code, text } = await run(command, args, { quiet: true, cwd, env: { NG_CLI_ANALYTICS: 'false' } });
  if (code !== 0) throw new Stop(`The ${what} could not be built:\n${text.trim().slice(-4000)}`);
}
