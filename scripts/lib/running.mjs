import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { STATE } from './paths.mjs';

const runningFile = join(STATE, 'running');

/** The process that runs Zabble from this folder; nothing where none does. */
export function runningHere() {
  const pid = existsSync(runningFile) ? Number(readFileSync(runningFile, 'utf8')) : 0;
  return pid && pid !== process.pid && isOne(pid) ? pid : undefined;
}

/** Says that this process runs it, until what is answered is called. */
export function claimRunning() {
  mkdirSync(STATE, { recursive: true });
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
