import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, STATE } from './paths.mjs';

const SKIPPED = new Set(['node_modules', 'dist', '.angular', '.together', 'test-results']);

/** A hash over the contents of files and folders of the project. */
export function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths) addTo(hash, path);
  return hash.digest('hex');
}

function addTo(hash, path) {
  const whole = join(ROOT, path);
  if (!existsSync(whole)) return;
  if (statSync(whole).isDirectory()) {
    for (const name of readdirSync(whole).sort()) if (!SKIPPED.has(name)) addTo(hash, join(path, name));
    return;
  }
  hash.update(`${path}\0`).update(readFileSync(whole)).update('\0');
}

/** Whether something was last done at this hash. */
export function isStamped(name, hash) {
  const file = join(STATE, `${name}.stamp`);
  return existsSync(file) && readFileSync(file, 'utf8') === hash;
}

export function stamp(name, hash) {
  mkdirSync(STATE, { recursive: true });
  writeFileSync(join(STATE, `${name}.stamp`), hash);
}
