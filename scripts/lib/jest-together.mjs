import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Where files stand that bring several test files together, from the folder of a project. */
const TOGETHER = '.together';
/** What a test file says that changes what others would find, or is found by its name. */
const ALONE = '@alone';
const LONG = /\.long\.spec\.ts$/;

/**
 * A project whose test files run several to a file, so that what they load is loaded once: each stands in a `describe` of its
 * own, named by its path. Only where all are run (`ZABBLE_TESTS=together`, or `in-one` for a single file): to look at one, one
 * asks for one. `specs` are paths from the root of the project; those that are long, and those marked `@alone`, stay files of
 * their own.
 */
export function together(project, specs, files) {
  const asked = process.env.ZABBLE_TESTS;
  if (asked !== 'together' && asked !== 'in-one') return project;
  const { rootDir, displayName } = project;
  const folder = join(rootDir, TOGETHER, displayName.replaceAll(' ', '-'));
  const own = specs.filter((name) => LONG.test(name) || readFileSync(join(rootDir, name), 'utf8').includes(ALONE));
  const groups = dealt(
    specs.filter((name) => !own.includes(name)),
    (name) => statSync(join(rootDir, name)).size,
    asked === 'in-one' ? 1 : files,
  );
  mkdirSync(folder, { recursive: true });
  const made = groups.map((names) => written(folder, textOf(names)));
  for (const name of readdirSync(folder))
    if (!made.includes(join(folder, name))) rmSync(join(folder, name), { force: true });
  return { ...project, testMatch: [...made, ...own.map((name) => join(rootDir, name))] };
}

/** All test files under `src` of a project’s folder, in order. */
export function specsOf(rootDir) {
  return readdirSync(join(rootDir, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.spec.ts'))
    .map((name) => `src/${name}`)
    .sort();
}

/** Things dealt into so many heaps, none empty, that are about as large as one another: the largest first, to the smallest heap. */
export function dealt(things, sizeOf, heaps) {
  const dealtTo = Array.from({ length: Math.min(heaps, things.length) }, () => ({ size: 0, names: [] }));
  for (const name of [...things].sort((one, other) => sizeOf(other) - sizeOf(one))) {
    const smallest = dealtTo.reduce((least, each) => (each.size < least.size ? each : least));
    smallest.names.push(name);
    smallest.size += sizeOf(name);
  }
  return dealtTo.map(({ names }) => names);
}

/** By a name that is another as soon as the text is; written only where it is not there: who runs beside may be reading it. */
function written(folder, text) {
  const file = join(folder, `${createHash('sha256').update(text).digest('hex').slice(0, 12)}.spec.ts`);
  if (!existsSync(file)) writeFileSync(file, text);
  return file;
}

function textOf(names) {
  return names
    .map((name) => {
      const path = `../../${name.replace(/\.ts$/, '')}`;
      return `describe('${name}', () => {\n  require('${path}');\n});\n`;
    })
    .join('');
}
