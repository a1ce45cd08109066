import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { setTimeout as wait } from 'node:timers/promises';
import { Clients } from './bench-server/load.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { OwnMariaDb } from './lib/mariadb.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { isRoot } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';
import { ZabbleServer } from './lib/zabble-server.mjs';

const WRITERS = 4;
const ROUNDS = Number(process.argv[2] ?? 4);
/** A fault a round, one after the other; so long between them, in milliseconds. */
const BETWEEN = 1500;
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
  const disk = isRoot() && mounted(folder);
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
  const writers = Array.from({ length: WRITERS }, () => new Writer(url));
  try {
    for (const writer of writers) await writer.begin();
    const writing = writers.map((writer) => writer.go());
    for (let round = 0; round < ROUNDS; round += 1)
      for (const [what, happens] of Object.entries(faults)) {
        await wait(BETWEEN);
        const before = count(writers);
        await happens();
        await wait(BETWEEN);
        say(`${what}: ${count(writers) - before} kept meanwhile and just after`);
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

const count = (writers) => writers.reduce((sum, { kept }) => sum + kept.length, 0);

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

/** Writes entries of a log and saves of its job, each again until it is answered, as the application does. */
class Writer {
  kept = [];
  ended = false;
  untrue = [];

  constructor(url) {
    this.clients = new Clients(url, 1);
    this.document = JSON.parse(readFileSync(join(ROOT, 'examples/flag-chest.json'), 'utf8'));
  }

  async begin() {
    ({ id: this.id } = await this.clients.ask('POST', '/api/jobs', { document: this.document, id: randomUUID() }, 201));
    this.revision = 1;
  }

  async go() {
    for (let turn = 0; !this.ended; turn += 1) {
      const entry = { id: randomUUID(), kind: 'note', at: '2026-11-20T09:00:00Z', note: `turn ${turn}` };
      const answer = await this.until(() =>
        this.clients.ask('POST', `/api/jobs/${this.id}/log`, { entries: [entry] }, 201),
      );
      this.kept.push({ id: entry.id, seq: answer.kept[0].seq });
      const wish = {
        revision: this.revision,
        save: randomUUID(),
        document: { ...this.document, notes: `turn ${turn}` },
      };
      const saved = await this.until(() => this.clients.ask('PUT', `/api/jobs/${this.id}`, wish, 200));
      if (saved.revision !== this.revision + 1) this.untrue.push(`saved at ${saved.revision} after ${this.revision}`);
      this.revision = saved.revision;
      this.notes = `turn ${turn}`;
    }
  }

  /** What is refused for good is no fault of the machine: it ends the run. */
  async until(ask) {
    for (;;) {
      try {
        return await ask();
      } catch (problem) {
        if (/: (?:4\d\d) /.test(problem.message)) throw problem;
        await wait(100);
      }
    }
  }
}

/** Each answered entry is there once, and the job stands as it was last saved. */
async function verdict(writers) {
  let [kept, lost, doubled, untrue] = [0, 0, 0, 0];
  for (const { clients, id, kept: answered, revision, notes, untrue: said } of writers) {
    const all = [];
    for (let after = 0, more = true; more;) {
      const page = await clients.ask('GET', `/api/jobs/${id}/log?after=${after}`, undefined, 200);
      all.push(...page.entries);
      ({ more } = page);
      after = page.entries.at(-1)?.seq ?? after;
    }
    const bySeq = new Map(all.map(({ seq, entry }) => [entry.id, seq]));
    kept += answered.length;
    lost += answered.filter((entry) => bySeq.get(entry.id) !== entry.seq).length;
    doubled += all.length - bySeq.size;
    const job = await clients.ask('GET', `/api/jobs/${id}`, undefined, 200);
    untrue += said.length + (job.revision === revision && job.document.notes === notes ? 0 : 1);
    clients.end();
  }
  say(`${kept} entries answered as kept: ${lost} lost, ${doubled} doubled; ${untrue} untrue answers about saves`);
  if (lost + doubled + untrue > 0) process.exitCode = 1;
}

await main(run);
