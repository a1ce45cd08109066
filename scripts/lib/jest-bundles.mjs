import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { build } from 'esbuild';
import bundled from './jest-bundled.cjs';

/**
 * Puts all test files of a workspace together at once, where they are not yet as its sources are: that is far quicker than each
 * by itself. Where a file was asked for by name only that one is needed, and made as it is read.
 */
export default async function bundleTests({ testPathPatterns }, { rootDir }) {
  const asked = testPathPatterns?.patterns ?? [];
  const folder = bundled.bundlesOf(rootDir);
  if (asked.length > 0 || existsSync(folder)) return;
  rmSync(dirname(folder), { recursive: true, force: true });
  const made = `${folder}.${process.pid}`;
  const source = join(rootDir, 'src');
  const specs = readdirSync(source, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.spec.ts'));
  await build({
    ...bundled.TOGETHER,
    entryPoints: specs.map((name) => join(source, name)),
    outdir: join(made, 'src'),
    outbase: source,
    packages: 'external',
  });
  renameSync(made, folder);
}
