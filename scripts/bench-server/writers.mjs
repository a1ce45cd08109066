import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { ROOT } from '../lib/paths.mjs';
import { say } from '../lib/say.mjs';
import { Clients } from './load.mjs';

export const count = (writers) => writers.reduce((sum, { kept }) => sum + kept.length, 0);

/** Writes entries of a log and saves of its job, each again until it is answered, as the application does. */
export class Writer {
  kept = [];
  ended = false;
  untrue = [];

  constructor(url, rest = 0) {
    this.rest = rest;
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
      if (this.rest > 0) await wait(this.rest);
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
export async function verdict(writers) {
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
