import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import type { Question } from '../found/question';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';
import { Answers } from './answers';

const DOCUMENT = readFileSync(join(__dirname, '../../../../examples/flag-chest.json'), 'utf8');
const JOBS = 4000;
const LINES = 16_000;
const day = (n: number): string =>
  new Date(Date.UTC(2024, 0, 1) + n * 3_600_000).toISOString().slice(0, 23).replace('T', ' ');
const idOf = (n: number): string => `00000000-0000-4000-9000-${String(n).padStart(12, '0')}`;

/** Fills the tables that are looked in, in stretches. */
async function fill(pool: Pool): Promise<void> {
  const put = async (into: string, rows: readonly unknown[][]) => {
    for (let at = 0; at < rows.length; at += 2000)
      await pool.query(`INSERT INTO ${into} VALUES ?`, [rows.slice(at, at + 2000)]);
  };
  const each = <T>(many: number, of: (n: number) => T): T[] => Array.from({ length: many }, (_, n) => of(n));
  const summary = JSON.stringify({ unit: 'mm', faces: [] });
  await put(
    'jobs (shop, id, name, customer, document, revision, created_at, updated_at, deleted_at, words, settled, summary, summary_of)',
    each(JOBS, (n) => [
      OWN_SHOP,
      idOf(n),
      `Rope ${n}`,
      'Holm',
      DOCUMENT,
      1,
      day(n),
      day(n),
      n % 9 ? null : day(n),
      ` rope ${n} holm`,
      2,
      summary,
      1,
    ]),
  );
  await put(
    'job_words (shop, word, job_id)',
    each(JOBS, (n) => ['rope', String(n), 'holm'].map((word) => [OWN_SHOP, word, idOf(n)])).flat(),
  );
  const kinds = ['note', 'fault', 'reading'];
  await put(
    'log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at, settled)',
    each(LINES, (n) => [
      OWN_SHOP,
      idOf(n % JOBS),
      Math.floor(n / JOBS) + 1,
      `e${n}`,
      kinds[n % 3],
      day(n),
      '{}',
      day(n),
      1,
    ]),
  );
  await put(
    'record_lines (n, shop, job_id, seq, kind, happened_at, words)',
    each(LINES, (n) => [
      n + 1,
      OWN_SHOP,
      idOf(n % JOBS),
      Math.floor(n / JOBS) + 1,
      kinds[n % 3],
      day(n),
      ` planed x${n}`,
    ]),
  );
  await put(
    'line_words (shop, word, n)',
    each(LINES, (n) => [
      [OWN_SHOP, 'planed', n + 1],
      [OWN_SHOP, `x${n}`, n + 1],
    ]).flat(),
  );
  await put(
    'made (shop, what, happened_at, n, job_id, planned, made)',
    each(LINES, (n) => [OWN_SHOP, n % 2 ? 'width' : 'depth', day(n), n + 1, idOf(n % JOBS), 5, 6]),
  );
  await put(
    'job_sums (shop, job_id, kind, about, count, sum, squares)',
    each(JOBS, (n) => [OWN_SHOP, idOf(n), 'reading', 'width', 1, 1, 1]),
  );
  await put('shop_sums (shop, kind, about, count, sum, squares)', [[OWN_SHOP, 'reading', 'width', JOBS, JOBS, JOBS]]);
  await pool.query('ANALYZE TABLE jobs, job_words, log_entries, record_lines, line_words, made, job_sums');
}

describe('what is looked up in a shop with years of work', () => {
  let pool: Pool;
  const asked: { sql: string; values: unknown }[] = [];
  let answers: Answers;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_explain');
    await migrate(pool, join(__dirname, '../../migrations'));
    await fill(pool);
    const heard = (how: 'query' | 'execute') => (sql: string, values: unknown) => {
      asked.push({ sql, values });
      return how === 'query' ? pool.query(sql, values as never) : pool.execute(sql, values as never);
    };
    answers = new Answers({
      query: heard('query'),
      execute: heard('execute'),
      getConnection: () => pool.getConnection(),
    } as never);
  });
  afterAll(() => pool.end());

  const plansOf = async (question: Question): Promise<readonly RowDataPacket[]> => {
    asked.length = 0;
    await answers.ask(question);
    const plans: RowDataPacket[] = [];
    for (const { sql, values } of asked)
      plans.push(...(await pool.query<RowDataPacket[]>(`EXPLAIN ${sql}`, values as never))[0]);
    expect(plans.length).toBeGreaterThan(0);
    return plans;
  };
  const jobs = (more: object = {}): Question => ({
    what: 'jobs',
    shop: OWN_SHOP,
    query: { search: '', size: 12, deleted: false, ...more },
  });
  const record = (more: object = {}): Question => ({
    what: 'record',
    shop: OWN_SHOP,
    query: { search: '', size: 30, ...more },
  });
  const past = `${day(3000).replace(' ', 'T')}Z~`;

  it.each<[string, Question, boolean]>([
    ['the list of jobs', jobs(), false],
    ['the list, far down', jobs({ after: `${past}${idOf(3000)}` }), false],
    ['the deleted ones', jobs({ deleted: true }), false],
    ['the deleted ones, far down', jobs({ deleted: true, after: `${past}${past}${idOf(3000)}` }), false],
    ['jobs by a common word', jobs({ search: 'rope' }), false],
    ['jobs by a rare word', jobs({ search: '3999' }), true],
    ['the record', record(), false],
    ['the record, far down', record({ after: `${past}3001` }), false],
    ['one kind of it', record({ kind: 'fault' }), false],
    ['the record by common words', record({ search: 'planed rope' }), false],
    ['the record by a rare word', record({ search: 'x15999' }), true],
    ['lessons', { what: 'made', shop: OWN_SHOP }, true],
    ['readings of a kind', { what: 'readings', shop: OWN_SHOP, kind: 'width' }, true],
  ])('%s goes through no table from end to end, and sorts no more than it found', async (_, question, sorts) => {
    const plans = await plansOf(question);
    const kept = plans.filter(({ table }) => table !== null && !String(table).startsWith('<'));
    for (const plan of kept) {
      // Few rows of a small table are read as quickly as looked up.
      if (['shop_sums'].includes(String(plan['table']))) continue;
      expect({ table: plan['table'], type: plan['type'] as unknown }).not.toMatchObject({
        type: expect.stringMatching(/^(?:ALL|index)$/) as string,
      });
    }
    if (!sorts) expect(plans.map(({ Extra }) => String(Extra)).join()).not.toContain('filesort');
  });

  it('finds what there is', async () => {
    const found = async (question: Question) =>
      JSON.parse(await answers.ask(question)) as { items: { id: string }[]; next: string | null };
    expect((await found(jobs({ search: '3998' }))).items.map(({ id }) => id)).toEqual([idOf(3998)]);
    expect((await found(jobs({ search: 'rope holm' }))).items).toHaveLength(12);
    const walked: string[] = [];
    for (let after: string | null | undefined; after !== null;) {
      const page = await found(jobs({ deleted: true, size: 50, ...(after === undefined ? {} : { after }) }));
      walked.push(...page.items.map(({ id }) => id));
      after = page.next;
    }
    expect(walked).toHaveLength(Math.ceil(JOBS / 9));
    expect(new Set(walked).size).toBe(walked.length);
  });
});
