import { join } from 'node:path';
import { ROOT, STATE } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { main } from './lib/say.mjs';

/** The benchmark built as what ships is built (one file, nothing between), then run. */
const file = join(STATE, 'bench/main.mjs');
const flags = [
  '--bundle',
  '--platform=node',
  '--format=esm',
  '--main-fields=module,main',
  '--external:highs',
  '--log-level=error',
];
await main(async () => {
  const built = await run('npx', ['esbuild', 'packages/core/bench/main.ts', ...flags, `--outfile=${file}`]);
  const { code } = built.code === 0 ? await run('node', [file], { cwd: ROOT }) : built;
  process.exitCode = code;
});
