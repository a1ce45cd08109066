import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { DATABASE } from './paths.mjs';

const runningFile = `${DATABASE}.running`;

/** The process that runs Zabble on this database folder; nothing where none does. */
export function runningHere() {
  const pid = existsSync(runningFile) ? Number(readFileSync(runningFile, 'utf8')) : 0;
  return pid && pid !== process.pid && isOne(pid) ? pid : undefined;
}

/** Says that this process runs it, until what is answered is called. */
export function claimRunning() {
  mkdirSync(dirname(DATABASE), { recursive: true });
  writeFileSync(runningFile, String(process.pid));
  return () => rmSync(runningFile, { force: true });
}

function isOne(pid) {
  try {
    return /\/(?:start|restore)\.mjs/.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'));
  } catch {
    return false;
  }
}
