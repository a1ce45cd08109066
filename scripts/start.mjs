import { spawn } from 'node:child_process';
import { setTimeout as wait } from 'node:timers/promises';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { OwnMariaDb } from './lib/mariadb.mjs';
import { ordinaryUser } from './lib/ordinary-user.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { DATABASE, ROOT, SERVER_ARGUMENTS } from './lib/paths.mjs';
import { isFree } from './lib/ports.mjs';
import { claimRunning, runningHere } from './lib/running.mjs';
import { main, say, Stop } from './lib/say.mjs';

const port = Number(process.env.PORT ?? 4870);

const shared = process.env.ZABBLE_MODE === 'shared';
/** How it is run, said at each start. */
const MODE = shared
  ? 'Shared: people sign in; the first owner is invited by npm run share.'
  : 'Own device: nobody signs in; only this machine is let in, and phones by a code.';

/** So often what died in a row is started again, at growing intervals, in seconds; what ran longer begins a new row. */
const AGAIN = [1, 2, 5, 10, 30];
const LONG = 120_000;

await main(async () => {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`PORT is "${process.env.PORT}": a port is a whole number from 1 to 65535.`);
  if (!(await isFree(port)))
    throw new Stop(
      `Port ${port} is taken: another program (or another Zabble) listens there. Use another with PORT=4880 npm start.`,
    );
  // Two would share it.
  const other = runningHere();
  if (other) throw new Stop(`Zabble already runs on this database (process ${other}): stop that one first.`);
  const release = claimRunning();
  try {
    await serve();
  } finally {
    release();
  }
});

async function serve() {
  const stopped = signalled();
  const own = process.env.DATABASE_URL === undefined;
  if (own) await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  if (stopped.early) return;
  const database = own ? new OwnMariaDb(DATABASE) : undefined;
  try {
    if (database?.running) say('A database that an earlier start left behind is ended first.');
    await watch(database, asWhom(), stopped);
  } finally {
    await database?.stop();
  }
}

/** Runs server and database until it is told to stop; one that dies is started again, and it is said. */
async function watch(database, user, stopped) {
  let url = database ? await database.start() : process.env.DATABASE_URL;
  for (let died = 0; ;) {
    const began = Date.now();
    const { server, ended, ready } = startServer(url, user);
    const first = await Promise.race([ready, ended.then(() => 'server'), stopped.promise]);
    if (first === 'ready') say(`Zabble is at http://127.0.0.1:${port} (Ctrl-C stops it). ${MODE}`);
    const dead =
      first === 'ready'
        ? await Promise.race(
            [ended.then(() => 'server'), database?.ended.then(() => 'database'), stopped.promise].filter(Boolean),
          )
        : first;
    if (server.exitCode === null && server.signalCode === null) server.kill('SIGTERM');
    const { code } = await ended;
    if (dead === 'stopped') return;
    // It said itself why it can't begin.
    if (first !== 'ready' && code) {
      process.exitCode = code;
      return;
    }
    if (Date.now() - began > LONG) died = 0;
    const rest = AGAIN[died];
    died += 1;
    if (rest === undefined)
      throw new Stop(`The ${dead} ended ${died} times in a row: Zabble stops. Nothing that was kept is lost.`);
    say(`The ${dead} ended unexpectedly; it is started again in ${rest} s.`);
    if ((await Promise.race([wait(rest * 1000), stopped.promise])) === 'stopped') return;
    if (dead === 'database') url = await database.start();
  }
}

/** As root the server runs as an ordinary user: who breaks into it has little. */
function asWhom() {
  const { user, whyNot } = ordinaryUser([port, Number(process.env.NETWORK_PORT ?? port + 1)]);
  if (whyNot) say(`The server runs as root: ${whyNot}.`);
  return user;
}

function startServer(url, user) {
  const env = { ...process.env, PORT: String(port), DATABASE_URL: url, LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn' };
  // A group of its own: a Ctrl-C reaches this script, which ends the server and then the database.
  const server = spawn(process.execPath, SERVER_ARGUMENTS, {
    cwd: ROOT,
    env,
    ...user,
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
  const ended = new Promise((resolve) => server.once('exit', (code, signal) => resolve({ code, signal })));
  const ready = new Promise((resolve) => server.once('message', () => resolve('ready')));
  return { server, ended, ready };
}

/** The npm that started this was killed without a word: nobody is there any more who could stop what it runs. */
function whenOrphaned(stop) {
  const parent = process.ppid;
  const look = setInterval(() => {
    if (process.ppid === parent) return;
    clearInterval(look);
    stop();
  }, 1000);
  look.unref();
}

/** Resolves at the first Ctrl-C or SIGTERM, or when npm is gone; later ones change nothing. */
function signalled() {
  const state = { early: false };
  state.promise = new Promise((resolve) => {
    if (process.env.npm_lifecycle_event === 'start') whenOrphaned(() => resolve('stopped'));
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
      process.on(signal, () => {
        state.early = true;
        resolve('stopped');
      });
  });
  return state;
}
