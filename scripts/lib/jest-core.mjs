import { mkdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import bundled from './jest-bundled.cjs';
import { ROOT } from './paths.mjs';

const FOLDER = join(ROOT, 'node_modules/.cache/zabble');
/** The whole of core as one file: every test file of the others loads it anew, and five hundred files take half a second. */
export const CORE = join(FOLDER, 'core-for-tests.cjs');

export default async function bundleCore() {
  mkdirSync(FOLDER, { recursive: true });
  const made = `${CORE}.${process.pid}`;
  await build({ ...bundled.TOGETHER, entryPoints: [join(ROOT, 'packages/core/src/index.ts')], outfile: made });
  // Another run may read it meanwhile.
  renameSync(made, CORE);
}
