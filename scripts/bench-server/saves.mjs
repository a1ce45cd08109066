import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../lib/paths.mjs';
import { say } from '../lib/say.mjs';
import { Clients } from './load.mjs';

const CLIENTS = [1, 10, 100];
/**
 * Each is measured so often, in turns and for so long, in milliseconds. What counts is the middle of what each turn comes to
 * beside the bare one next to it: how fast a disk and a machine are differs from one second to the next, so many short
 * turns are surer than a few long ones.
 */
const TURNS = 41;
const FOR = 200;
/** Stands for what changes. */
const ASIDE = '(what changes)';

/** Saves, log entries and new jobs a second, beside what a bare handler does with the same statements. */
export async function measureSaves(zabble, bare, cookie) {
  const small = JSON.parse(readFileSync(join(ROOT, 'examples/flag-chest.json'), 'utf8'));
  const sizes = { small, large: large() };
  for (const [size, document] of Object.entries(sizes)) {
    const bytes = JSON.stringify(document).length;
    for (const count of CLIENTS) {
      const ours = await new Saves(zabble, '/api/jobs', document, count, cookie).ready();
      const theirs = await new Saves(bare, '/jobs', document, count, cookie).ready();
      await tell(`save, ${size} job (${(bytes / 1000).toFixed(0)} kB), ${count} at once`, ours, theirs);
    }
  }
  for (const count of CLIENTS) {
    const ours = await new Saves(zabble, '/api/jobs', small, count, cookie).ready();
    const theirs = await new Saves(bare, '/jobs', small, count, cookie).ready();
    await tell(`log entry, ${count} at once`, ours, theirs, 'append');
    await tell(`new job, ${count} at once`, ours, theirs, 'create');
  }
}

async function tell(what, ours, theirs, work = 'save') {
  const turns = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    // Who comes first changes, too.
    const [first, second] = turn % 2 === 0 ? [theirs, ours] : [ours, theirs];
    const rates = new Map([[first, await first.rate(work)]]).set(second, await second.rate(work));
    turns.push([rates.get(ours), rates.get(theirs)]);
  }
  const [mine, bare, ratio] = [([a]) => a, ([, b]) => b, ([a, b]) => a / b].map((of) => middle(turns.map(of)));
  say(`${what}: ${mine.toFixed(0)} a second, bare ${bare.toFixed(0)}: ratio ${ratio.toFixed(2)}`);
}

function middle(numbers) {
  return [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)];
}

/** Clients with a job each. */
class Saves {
  constructor(url, path, document, count, cookie) {
    this.path = path;
    this.document = document;
    this.clients = new Clients(url, count, cookie);
    this.jobs = [];
  }

  async ready() {
    for (let client = 0; client < this.clients.count; client += 1) {
      const { id } = await this.clients.ask('POST', this.path, { id: randomUUID(), document: this.document }, 201);
      this.jobs.push({ id, revision: 1, before: '', after: '' });
    }
    return this;
  }

  async rate(work) {
    await this.clients.rate((client) => this[work](client), FOR / 4);
    return this.clients.rate((client) => this[work](client), FOR);
  }

  /** Another document each time; its text is put together around what changes, so that the asking costs next to nothing. */
  async save(client) {
    const job = this.jobs[client];
    this.around ??= JSON.stringify({ ...this.document, notes: ASIDE }).split(ASIDE);
    const document = this.around.join(`as it was at ${job.revision}`);
    const body = `{"revision":${job.revision},"save":"${randomUUID()}","document":${document}}`;
    await this.clients.send('PUT', `${this.path}/${job.id}`, body, 200);
    job.revision += 1;
  }

  async append(client) {
    const { id } = this.jobs[client];
    const entry = {
      id: randomUUID(),
      kind: 'note',
      at: '2026-11-20T09:00:00Z',
      by: 'Ida',
      note: 'planed the long edge',
    };
    await this.clients.ask('POST', `${this.path}/${id}/log`, { entries: [entry] }, 201);
  }

  async create() {
    await this.clients.ask('POST', this.path, { id: randomUUID(), document: this.document }, 201);
  }
}

/** A wall of banks. */
export function large() {
  const job = JSON.parse(readFileSync(join(ROOT, 'examples/notions-bank.json'), 'utf8'));
  const [owner] = job.cases;
  const [bank] = owner.banks;
  const size = JSON.stringify(bank).length;
  const banks = Array.from({ length: Math.min(40, Math.ceil(70_000 / size)) }, (_, place) => ({
    ...bank,
    id: `b${place + 1}`,
  }));
  return { ...job, name: 'A wall of banks', cases: [{ ...owner, banks }] };
}
