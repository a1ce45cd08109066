import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const SOURCES = { core: 'packages/core/src', server: 'apps/server/src', web: 'apps/web/src/app' };
/** Of the browser the stores: what is drawn is looked at, and its controls have tests of their own. */
const OF_WEB = new Set(['store', 'device', 'server-api']);

/** Every folder of these workspaces changes are tried in, as rooms.json lists them. */
export function foldersOf(workspaces) {
  const rooms = JSON.parse(readFileSync(join(ROOT, 'rooms.json'), 'utf8'));
  return workspaces.flatMap((workspace) =>
    rooms[workspace]
      .filter((name) => workspace !== 'web' || OF_WEB.has(name))
      // Sentences are judged by reading them.
      .filter((name) => name !== 'words')
      .map((name) => ({ workspace, name, folder: `${SOURCES[workspace]}/${name}` })),
  );
}

/** The files of a folder that are neither tests nor its face, by their paths from the root, in order. */
export function sourcesOf(folder) {
  return readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !/\.spec(-data)?\.ts$/.test(name) && !/(^|\/)index\.ts$/.test(name))
    .sort()
    .map((name) => `${folder}/${name}`);
}

/**
 * Places to change, in an order that only the seed decides, until so many changes lie within them: a place brings those
 * within it along.
 */
export function sampleOf(mutants, most, seed) {
  const chosen = [];
  const taken = new Set();
  for (const mutant of inAnyOrder(mutants, seed)) {
    if (taken.size >= most) break;
    if (taken.has(mutant)) continue;
    chosen.push(mutant);
    for (const other of mutants) if (liesWithin(other, mutant)) taken.add(other);
  }
  return chosen;
}

/**
 * Whether a change could be told at all. Nobody can where a field that is left out if it is undefined (as in
 * `...(it === undefined ? {} : { it })` and `...(it ? { it } : {})`) is there as undefined instead. `content` is the file's.
 */
export function isTold({ replacement, location: { start, end } }, content) {
  const lines = content.split('\n');
  const before = lines[start.line].slice(0, start.column);
  const [was, after] = [lines[start.line].slice(start.column, end.column), lines[end.line].slice(end.column)];
  if (start.line !== end.line || !before.endsWith('...(')) return true;
  const [, absent] = /^([\w.]+) === undefined$/.exec(was) ?? [];
  if (absent !== undefined) return replacement !== 'false' || !after.startsWith(' ? {} : { ');
  return replacement !== 'true' || !/^\w+$/.test(was) || !after.startsWith(` ? { ${was} } : {}`);
}

function liesWithin(one, other) {
  const { start, end } = other.location;
  return one.fileName === other.fileName && !before(one.location.start, start) && !before(end, one.location.end);
}

function before(one, other) {
  return one.line < other.line || (one.line === other.line && one.column < other.column);
}

/** The same things in an order that only the seed decides (a shuffle by Fisher and Yates). */
function inAnyOrder(things, seed) {
  const next = random(seed);
  const order = [...things];
  for (let last = order.length - 1; last > 0; last -= 1) {
    const other = Math.floor(next() * (last + 1));
    [order[last], order[other]] = [order[other], order[last]];
  }
  return order;
}

/** Numbers from nought to one, the same row for the same seed (mulberry32, by its published constants, from memory). */
function random(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
