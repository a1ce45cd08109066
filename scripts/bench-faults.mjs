import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { setTimeout as wait } from 'node:timers/promises';
import { count, verdict, Writer } from './bench-server/writers.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { OwnMariaDb } from './lib/mariadb.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { isRoot } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';
import { ZabbleServer } from './lib/zabble-server.mjs';

const WRITERS = 4;
/** `kills N`: the server alone, so often. */
const KILLS = process.argv[2] === 'kills' ? Number(process.argv[3] ?? 1000) : 0;
const ROUNDS = KILLS > 0 ? KILLS : Number(process.argv[2] ?? 4);
/** A fault a round, one after the other; so long between them, in milliseconds. Kills fall anywhere in what is written. */
const between = () => (KILLS > 0 ? 800 + 800 * Math.random() : 1500);
/** In an hour of kills writers rest between entries, in milliseconds: what they write has to be counted at its end. */
const REST = KILLS > 0 ? 25 : 0;
/** So many kills are told of as one. */
const TOLD = KILLS > 0 ? 50 : 1;
/** A disk this small is full soon, in megabytes. */
const SMALL_DISK = 600;

/**
 * Writers keep on writing while server and database are killed, the database is paused and its disk is filled, in turn.
 * Everything that was answered as kept must be there at the end, once. Bounded: about fifteen seconds a round.
 */
async function run() {
  await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  const folder = mkdtempSync(join(tmpdir(), 'zabble-faults-'));
  const disk = KILLS === 0 && isRoot() && mounted(folder);
  const database = new OwnMariaDb(join(folder, 'database'));
  let server = new ZabbleServer(await database.start());
  const url = await server.start();
  const again = async () => {
    await server.stop();
    const { port } = server;
    server = new ZabbleServer(await database.start());
    server.port = port;
    await server.start();
  };
  const faults = {
    'the server is killed': async () => {
      await server.kill();
      await server.start();
    },
    'the database is killed': async () => {
      database.kill();
      await database.ended;
      await again();
    },
    'the database is paused': async () => {
      const pid = Number(readFileSync(database.pidFile, 'utf8'));
      process.kill(pid, 'SIGSTOP');
      await wait(4000);
      process.kill(pid, 'SIGCONT');
    },
    ...(disk ? { 'the disk is full': () => filled(folder) } : {}),
  };
  const writers = Array.from({ length: WRITERS }, () => new Writer(url, REST));
  try {
    for (const writer of writers) await writer.begin();
    const writing = writers.map((writer) => writer.go());
    for (let round = 0; round < ROUNDS; round += 1)
      for (const [what, happens] of Object.entries(faults).slice(0, KILLS > 0 ? 1 : undefined)) {
        await wait(between());
        const before = count(writers);
        await happens();
        await wait(between());
        if ((round + 1) % TOLD === 0)
          say(`${round + 1}: ${what}: ${count(writers) - before} kept meanwhile and just after`);
      }
    for (const writer of writers) writer.ended = true;
    await Promise.all(writing);
    await verdict(writers);
  } finally {
    await server.stop();
    await database.stop();
    if (disk) spawnSync('umount', ['-l', folder]);
    rmSync(folder, { recursive: true, force: true });
  }
}

function mounted(folder) {
  return spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${SMALL_DISK}m,mode=755`, 'tmpfs', folder]).status === 0;
}

/** Full for a while, then there is room again. */
async function filled(folder) {
  const file = join(folder, 'filler');
  spawnSync('dd', ['if=/dev/zero', `of=${file}`, 'bs=1M'], { stdio: 'ignore' });
  await wait(4000);
  rmSync(file);
}

await main(run);
