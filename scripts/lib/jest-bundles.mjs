import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { build } from 'esbuild';
import bundled from './jest-bundled.cjs';
import { specsOf } from './jest-together.mjs';

/**
 * Puts all test files of a workspace together at once, where they are not yet as its sources are: that is far quicker than each
 * by itself. Where a file was asked for by name only that one is needed, and made as it is read.
 */
export default async function bundleTests({ testPathPatterns }, { rootDir, testMatch }) {
  const asked = testPathPatterns?.patterns ?? [];
  const files = testMatch.some((match) => match.includes('*'))
    ? specsOf(rootDir).map((name) => join(rootDir, name))
    : testMatch;
  const missing = files.filter((file) => !existsSync(bundled.bundleOf(rootDir, file)));
  if (asked.length > 0 || missing.length === 0) return;
  const folder = bundled.bundlesOf(rootDir);
  forgetOthers(folder);
  const { outputFiles } = await build({
    ...bundled.TOGETHER,
    entryPoints: missing,
    outdir: folder,
    outbase: rootDir,
    packages: 'external',
    plugins: [OWN_FOLDER],
    write: false,
  });
  for (const { path, contents } of outputFiles) written(path, contents);
}

/** Whole or not at all: a run may be ended in between. */
function written(path, contents) {
  const made = `${path}.${process.pid}`;
  mkdirSync(dirname(path), { recursive: true });
  writeFileSync(made, contents);
  renameSync(made, path);
}

/** What was put together of sources as they were before. */
function forgetOthers(folder) {
  const beside = dirname(folder);
  if (!existsSync(beside)) return;
  for (const name of readdirSync(beside))
    if (name !== basename(folder)) rmSync(join(beside, name), { recursive: true, force: true });
}

/** Each knows the folder it stands in, whatever it is put together with. */
const OWN_FOLDER = {
  name: 'own-folder',
  setup({ onLoad }) {
    onLoad({ filter: /\.spec(-data)?\.ts$/ }, ({ path }) => {
      const text = readFileSync(path, 'utf8');
      const known = text.includes('__dirname') ? `const __dirname = ${JSON.stringify(dirname(path))}; ` : '';
      return { contents: known + text, loader: 'ts' };
    });
  },
};
