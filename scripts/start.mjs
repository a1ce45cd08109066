import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { OwnMariaDb } from './lib/mariadb.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT, SERVER, STATE } from './lib/paths.mjs';
import { isFree } from './lib/ports.mjs';
import { main, say, Stop } from './lib/say.mjs';

const port = Number(process.env.PORT ?? 4870);
const runningFile = join(STATE, 'running');

await main(async () => {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT is "${process.env.PORT}": a port is a whole number from 1 to 65535.`);
  if (!(await isFree(port)))
    throw new Stop(
      `Port ${port} is taken: another program (or another Zabble) listens there. Use another with PORT=4880 npm start.`,
    );
  claim();
  try {
    await serve();
  } finally {
    rmSync(runningFile, { force: true });
  }
});

async function serve() {
  const stopped = signalled();
  const own = process.env.DATABASE_URL === undefined;
  if (own) await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  if (stopped.early) return;
  const database = own ? new OwnMariaDb(join(STATE, 'database')) : undefined;
  try {
    const url = database ? await database.start() : process.env.DATABASE_URL;
    const server = startServer(url);
    const ended = new Promise((resolve) => server.once('exit', (code) => resolve(code ?? 0)));
    const ready = new Promise((resolve) => server.once('message', () => resolve('ready')));
    if ((await Promise.race([ready, ended, stopped.promise])) === 'ready')
      say(`Zabble is at http://127.0.0.1:${port} (Ctrl-C stops it)`);
    await Promise.race([ended, stopped.promise]);
    if (server.exitCode === null) server.kill('SIGTERM');
    process.exitCode = await ended;
  } finally {
    await database?.stop();
  }
}

function startServer(url) {
  const env = { ...process.env, PORT: String(port), DATABASE_URL: url, LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn' };
  // A group of its own: a Ctrl-C reaches this script, which ends the server and then the database.
  return spawn(process.execPath, ['--enable-source-maps', SERVER], {
    cwd: ROOT,
    env,
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
}

/** Resolves at the first Ctrl-C or SIGTERM; later ones change nothing. */
function signalled() {
  const state = { early: false };
  state.promise = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
      process.on(signal, () => {
        state.early = true;
        resolve('stopped');
      });
  });
  return state;
}

/** One start for one copy of the project: two would share a database folder. */
function claim() {
  mkdirSync(STATE, { recursive: true });
  const other = existsSync(runningFile) ? Number(readFileSync(runningFile, 'utf8')) : 0;
  if (other && other !== process.pid && isStart(other))
    throw new Stop(`Zabble already runs from this folder (process ${other}): stop that one first.`);
  writeFileSync(runningFile, String(process.pid));
}

function isStart(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}
