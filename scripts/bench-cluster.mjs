import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { Clients } from './bench-server/load.mjs';
import { count, verdict, Writer } from './bench-server/writers.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { main, say } from './lib/say.mjs';
import { ZabbleCluster } from './lib/zabble-cluster.mjs';

const [WRITERS = 100, MINUTES = 3] = process.argv.slice(2).map(Number);
const READERS = 5;
/** What starts a node or server again takes so long to see that it is gone, in milliseconds. */
const RESTART = 3000;
/** So long between two faults, in milliseconds. */
const BETWEEN = 2000;
/** Readers wait no longer for one answer, in milliseconds, before they ask again. */
const PATIENCE = 2000;

/**
 * Writers keep on writing through the balancer while every node of the database and every server is killed in turn, the
 * next only once the last is back and has caught up. Everything that was answered as kept must be there at the end, once;
 * readers are told for how long they were without an answer at most.
 */
async function run() {
  await ensurePackages('mariadb-server', 'galera-4', 'rsync');
  await ensureDependencies();
  await ensureBuild();
  const cluster = new ZabbleCluster(mkdtempSync(join(tmpdir(), 'zabble-cluster-')), { mode: 'own' });
  try {
    const url = await cluster.start();
    const writers = Array.from({ length: WRITERS }, () => new Writer(url));
    for (const writer of writers) await writer.begin();
    const readers = Array.from({ length: READERS }, () => new Reader(url, writers[0].id));
    const all = [...writers, ...readers];
    const going = all.map((each) => each.go());
    const until = Date.now() + MINUTES * 60_000;
    for (let turn = 0; Date.now() < until; turn += 1) {
      const at = Math.floor(turn / 2) % 3;
      const before = count(writers);
      await wait(BETWEEN);
      const began = Date.now();
      if (turn % 2 === 0) await nodeKilled(cluster, at);
      else await serverKilled(cluster, at);
      const what = turn % 2 === 0 ? 'node' : 'server';
      say(
        `${what} ${at + 1} killed, back after ${((Date.now() - began) / 1000).toFixed(1)} s: ${count(writers) - before} kept meanwhile; readers were without an answer for ${Math.max(...readers.map((each) => each.taken()))} ms at most`,
      );
    }
    for (const each of all) each.ended = true;
    await Promise.all(going);
    say(`readers were without an answer for ${Math.max(...readers.map(({ longest }) => longest))} ms at most`);
    await verdict(writers);
  } finally {
    await cluster.stop();
  }
}

async function nodeKilled({ nodes }, at) {
  await nodes.kill(at);
  await wait(RESTART);
  await nodes.back(at);
}

async function serverKilled({ servers }, at) {
  await servers[at].kill();
  await wait(RESTART);
  await servers[at].start();
}

/** Looks at a job again and again, and notes for how long it could not. */
class Reader {
  longest = 0;
  ended = false;
  #lately = 0;

  constructor(url, job) {
    this.url = url;
    this.job = job;
  }

  async go() {
    for (let last = Date.now(); !this.ended; await wait(20)) {
      // A connection of its own each time: as a page that is loaded.
      const clients = new Clients(this.url, 1);
      const asked = clients.ask('GET', `/api/jobs/${this.job}`, undefined, 200);
      const isThere = await Promise.race([asked.then(Boolean), wait(PATIENCE, false)]).catch(() => false);
      clients.end();
      if (!isThere) continue;
      this.#lately = Math.max(this.#lately, Date.now() - last);
      this.longest = Math.max(this.longest, this.#lately);
      last = Date.now();
    }
  }

  taken() {
    const lately = this.#lately;
    this.#lately = 0;
    return lately;
  }
}

await main(run);
