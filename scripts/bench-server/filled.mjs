import { createRequire } from 'node:module';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../lib/paths.mjs';
import { say } from '../lib/say.mjs';
import { Clients } from './load.mjs';

const { createPool } = createRequire(join(ROOT, 'apps/server/package.json'))('mysql2/promise');

const JOBS = 20_000;
const ENTRIES = Number(process.argv[3] ?? 200_000);
const SHOP = '00000000-0000-4000-8000-000000000000';
const AT_ONCE = 1000;
const THINGS = [
  'Chart drawers',
  'Rope locker',
  'Sail bench',
  'Flag chest',
  'Twine rack',
  'Needle case',
  'Canvas press',
];
const PLACES = ['Skerry', 'Holm', 'Ness', 'Voe', 'Geo', 'Stack', 'Taing'];
const NOTES = ['planed the long edge', 'glue held', 'runner waxed', 'bottom tight in its groove', 'swollen after rain'];
const FAULTS = ['front-tight', 'split', 'box-narrow'];
/** So many are asked of each, one after the other. */
const ASKED = 200;
const SEARCHERS = 10;

/** Lists, searches and lessons of a shop with years of work in it, and a save beside ten who search. */
export async function measureFilled(url, databaseUrl) {
  const pool = createPool({ uri: databaseUrl, charset: 'utf8mb4', timezone: 'Z', connectionLimit: 2 });
  const began = performance.now();
  const ids = await fill(pool);
  say(`filled with ${JOBS} jobs and ${ENTRIES} log entries in ${seconds(began)} s`);
  const settling = performance.now();
  while (await unsettled(pool)) await new Promise((done) => setTimeout(done, 500));
  say(`all of it found ${seconds(settling)} s later`);
  await pool.query('ANALYZE TABLE jobs, log_entries, record_lines, line_words, job_words, made, job_sums');
  const one = new Clients(url, 1);
  const time = (path) => timed(() => one.ask('GET', path, undefined, 200));
  await tell('list of jobs', () => time('/api/jobs?size=12'));
  await tell('list, far down', farDown(one));
  await tell('list, search by a rare word', (n) => time(`/api/jobs?search=${n * 7}`));
  await tell('list, search by two common words', () => time('/api/jobs?search=chart%20skerry'));
  await tell('record page', () => time('/api/record'));
  await tell('record page of one kind', () => time('/api/record?kind=fault'));
  await tell('record, search by a rare word', (n) => time(`/api/record?search=${n * 7}`));
  await tell('record, search by common words', (n) =>
    time(`/api/record?search=${NOTES[n % NOTES.length].split(' ').join('%20')}`),
  );
  await tell('record, common words that never meet', () => time('/api/record?search=waxed%20swollen'));
  await tell('lessons', () => time('/api/record/made'));
  await tell('readings of a kind', () => time('/api/record/made/box-width'));
  one.end();
  await beside(url, ids[0]);
  await pool.end();
}

function seconds(since) {
  return ((performance.now() - since) / 1000).toFixed(0);
}

async function timed(work) {
  const began = performance.now();
  await work();
  return performance.now() - began;
}

async function tell(what, ask) {
  const times = [];
  for (let n = 0; n < ASKED; n += 1) times.push(await ask(n));
  times.sort((a, b) => a - b);
  const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))].toFixed(1);
  say(`${what}: ${at(0.5)} ms median, ${at(0.99)} ms for 99 %`);
}

/** Turns one page after another. */
function farDown(clients) {
  let after;
  return () =>
    timed(async () => {
      const page = await clients.ask('GET', `/api/jobs?size=50${after ? `&after=${after}` : ''}`, undefined, 200);
      after = page.next;
    });
}

/** How long a save takes alone, and while ten others search. */
async function beside(url, id) {
  const saver = new Clients(url, 1);
  let { revision, document } = await saver.ask('GET', `/api/jobs/${id}`, undefined, 200);
  const save = () =>
    timed(async () => {
      ({ revision } = await saver.ask('PUT', `/api/jobs/${id}`, { revision, document }, 200));
    });
  const median = async () => {
    const times = [];
    for (let n = 0; n < ASKED; n += 1) times.push(await save());
    return times.sort((a, b) => a - b)[ASKED / 2];
  };
  const alone = await median();
  const searchers = new Clients(url, SEARCHERS);
  let [ended, searches] = [false, 0];
  const searching = Promise.all(
    Array.from({ length: SEARCHERS }, async (_, client) => {
      for (let turn = 0; !ended; turn += 1, searches += 1)
        await searchers.ask('GET', `/api/record?search=${client * 1000 + turn}`, undefined, 200);
    }),
  );
  const together = await median();
  ended = true;
  await searching;
  say(
    `a save alone ${alone.toFixed(1)} ms, beside ${SEARCHERS} who search (${searches} searches) ${together.toFixed(1)} ms: ` +
      `ratio ${(together / alone).toFixed(2)}`,
  );
  saver.end();
  searchers.end();
}

async function unsettled(pool) {
  const [rows] = await pool.query(
    '(SELECT 1 FROM log_entries WHERE settled = 0 LIMIT 1) UNION ALL (SELECT 1 FROM jobs WHERE settled < 2 LIMIT 1)',
  );
  return rows.length > 0;
}

async function fill(pool) {
  const document = JSON.parse(readFileSync(join(ROOT, 'examples/flag-chest.json'), 'utf8'));
  const ids = Array.from({ length: JOBS }, () => randomUUID());
  for (let at = 0; at < JOBS; at += AT_ONCE)
    await pool.query(
      'INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at) VALUES ?',
      [
        ids.slice(at, at + AT_ONCE).map((id, index) => {
          const n = at + index;
          const name = `${THINGS[n % THINGS.length]} ${n}`;
          const customer = `${PLACES[n % PLACES.length]} loft`;
          const when = new Date(Date.UTC(2020, 0, 1) + n * 9_000_000);
          return [SHOP, id, name, customer, JSON.stringify({ ...document, name, customer }), 1, when, when];
        }),
      ],
    );
  const each = ENTRIES / JOBS;
  for (let at = 0; at < ENTRIES; at += AT_ONCE)
    await pool.query('INSERT INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at) VALUES ?', [
      Array.from({ length: AT_ONCE }, (_, index) => {
        const n = at + index;
        const when = new Date(Date.UTC(2020, 0, 1) + n * 900_000);
        const entry = entryOf(n, when.toISOString());
        return [
          SHOP,
          ids[Math.floor(n / each)],
          (n % each) + 1,
          entry.id,
          entry.kind,
          when,
          JSON.stringify(entry),
          when,
        ];
      }),
    ]);
  return ids;
}

function entryOf(n, at) {
  const common = { id: `e${n}`, at, by: ['Ida', 'Olav', 'Ada'][n % 3], bank: 'c1/b1', drawer: `d${1 + (n % 3)}` };
  if (n % 10 < 4)
    return {
      ...common,
      kind: 'reading',
      what: 'box-width',
      place: 'front',
      length: `${500 + (n % 9) / 10} mm`,
      against: '500 mm',
    };
  if (n % 10 < 6) return { ...common, kind: 'fault', fault: FAULTS[n % FAULTS.length] };
  return { id: common.id, at, by: common.by, kind: 'note', note: `${NOTES[n % NOTES.length]} ${n}` };
}
