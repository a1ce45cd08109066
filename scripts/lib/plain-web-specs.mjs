import { readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './paths.mjs';

/** What needs a page, or the framework that makes it. */
const NEEDS_PAGE = /^(?:@angular|@ngrx|rxjs|zone\.js|jest-preset-angular)/;

/**
 * The test files of the browser's part that come to nothing of the framework, from the folder of the project: they need neither
 * a page nor the second it takes to load.
 */
export async function plainWebSpecs() {
  const folder = join(ROOT, 'apps/web/src');
  const specs = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.spec.ts'));
  const { metafile } = await build({
    entryPoints: specs.map((name) => join(folder, name)),
    outdir: join(ROOT, 'node_modules/.cache/zabble/none'),
    absWorkingDir: ROOT,
    bundle: true,
    write: false,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    metafile: true,
    logLevel: 'silent',
  });
  return Object.values(metafile.outputs)
    .filter(({ imports }) => !imports.some(({ path, external }) => external && NEEDS_PAGE.test(path)))
    .map(({ entryPoint }) => relative('apps/web', entryPoint));
}
