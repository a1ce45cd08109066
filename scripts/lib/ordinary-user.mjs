import { spawnSync } from 'node:child_process';
import { statSync } from 'node:fs';
import { ROOT, SERVER } from './paths.mjs';
import { isRoot } from './run.mjs';

/** Below it a port is only for root. */
const FIRST_FREE = 1024;

/**
 * As whom the server runs when root starts it: whoever became root, whose the folder is, or nobody; with why not, where
 * that user could not run it. Nothing of it where no root starts it.
 */
export function ordinaryUser(ports, { root = isRoot(), environment = process.env, tries = canRun } = {}) {
  if (!root) return {};
  if (ports.some((port) => port < FIRST_FREE)) return { whyNot: `a port below ${FIRST_FREE} is for root alone` };
  const user = candidates(environment).find(({ uid }) => uid > 0);
  if (!user) return { whyNot: 'this machine has no user “nobody”' };
  return tries(user) ? { user } : { whyNot: 'no other user can read the folder of Zabble, or run Node' };
}

function candidates({ SUDO_UID, SUDO_GID }) {
  const { uid, gid } = statSync(ROOT);
  return [{ uid: Number(SUDO_UID ?? 0), gid: Number(SUDO_GID ?? 0) }, { uid, gid }, nobody()];
}

function nobody() {
  const number = (option) => Number(spawnSync('id', [option, 'nobody'], { encoding: 'utf8' }).stdout.trim());
  return { uid: number('-u'), gid: number('-g') };
}

/** Whether that user can run Node and read what is run. */
function canRun({ uid, gid }) {
  const reads = `require('node:fs').accessSync(${JSON.stringify(SERVER)}, require('node:fs').constants.R_OK)`;
  return spawnSync(process.execPath, ['-e', reads], { uid, gid, cwd: '/', stdio: 'ignore' }).status === 0;
}
