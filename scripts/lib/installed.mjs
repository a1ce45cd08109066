import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Whether everything the lock file of a folder names is installed there, at its version: a copy of a folder is as
 * complete as the folder was. npm writes its own list of what it installed last of all, so that an install broken off
 * leaves none. Packages for other platforms may be missing.
 */
export function isInstalled(folder) {
  const wanted = packagesOf(join(folder, 'package-lock.json'));
  const there = packagesOf(join(folder, 'node_modules/.package-lock.json'));
  if (!wanted || !there) return false;
  return Object.entries(wanted).every(([path, { version, integrity, optional }]) => {
    if (!path.startsWith('node_modules/')) return true;
    const found = there[path];
    if (!found) return optional === true;
    return found.version === version && found.integrity === integrity && existsSync(join(folder, path, 'package.json'));
  });
}

function packagesOf(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8')).packages;
  } catch {
    return undefined;
  }
}
