import { mkdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './paths.mjs';

const FOLDER = join(ROOT, 'node_modules/.cache/zabble');
/** The whole of core as one file: every test file of the others loads it anew, and five hundred files take half a second. */
export const CORE = join(FOLDER, 'core-for-tests.cjs');

export default async function bundleCore() {
  mkdirSync(FOLDER, { recursive: true });
  const made = `${CORE}.${process.pid}`;
  await build({
    entryPoints: [join(ROOT, 'packages/core/src/index.ts')],
    outfile: made,
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'es2022',
    logLevel: 'error',
    sourcemap: 'inline',
  });
  // Another run may read it meanwhile.
  renameSync(made, CORE);
}
