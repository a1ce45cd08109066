import { createHash } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = resolve(fileURLToPath(new URL('../..', import.meta.url)));
/** Everything this copy of the project keeps on the machine: database, stamps. Ignored by git. */
export const STATE = join(ROOT, '.zabble');
/** The folder of its own database. */
export const DATABASE = process.env.ZABBLE_DATA ? resolve(process.env.ZABBLE_DATA) : join(STATE, 'database');
export const SERVER = join(ROOT, 'apps/server/dist/main.js');
/**
 * What Node is started with for it. Most of what a request makes is gone with it: with more room for what is young, what is
 * still needed is moved less often.
 */
export const SERVER_ARGUMENTS = ['--enable-source-maps', '--max-semi-space-size=32', SERVER];

/** A short folder for a socket: paths of sockets may not be longer than about 100 characters. */
export function socketFolder(dataFolder) {
  return join(tmpdir(), `zabble-${createHash('sha256').update(dataFolder).digest('hex').slice(0, 12)}`);
}
