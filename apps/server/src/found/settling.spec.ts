import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';
import { SettlingRepository } from './settling-repository';
import { summaryOf } from './summary';

const example = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, `../../../../examples/${name}.json`), 'utf8')) as JobDocument;
const idOf = (n: number): string => `00000000-0000-4000-9000-${String(n).padStart(12, '0')}`;

describe('how jobs are shown in a list', () => {
  let pool: Pool;
  let settling: SettlingRepository;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_settling');
    await migrate(pool, join(__dirname, '../../migrations'));
    settling = new SettlingRepository(pool);
  });
  beforeEach(() => pool.query('DELETE FROM jobs'));
  afterAll(() => pool.end());

  const put = (n: number, document: JobDocument, { settled = 1, ago = 60 } = {}) =>
    pool.execute(
      `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at, settled)
       VALUES (?, ?, ?, '', ?, 7, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3) - INTERVAL ? SECOND, ?)`,
      [OWN_SHOP, idOf(n), document.name, JSON.stringify(document), ago, settled],
    );
  const stand = async (n: number): Promise<RowDataPacket | undefined> => {
    const [[row]] = await pool.execute<RowDataPacket[]>('SELECT settled, summary, summary_of FROM jobs WHERE id = ?', [
      idOf(n),
    ]);
    return row;
  };

  it('is made of those that rest and whose words are found', async () => {
    const chest = { ...example('flag-chest'), name: 'Truhe für Flaggen ½ "größer" \\ 旗' };
    await Promise.all([put(1, chest), put(2, example('notions-bank')), put(3, chest, { settled: 0 })]);
    await put(4, chest, { ago: 0 });
    expect(await settling.summaries()).toBe(false);
    for (const [n, document] of [
      [1, chest],
      [2, example('notions-bank')],
    ] as const)
      expect(await stand(n)).toMatchObject({ settled: 2, summary: JSON.stringify(summaryOf(document)), summary_of: 7 });
    for (const n of [3, 4]) expect(await stand(n)).toMatchObject({ summary: null, summary_of: 0 });
  });

  it('and what was written down of them is found by its words, with what was measured and how often it went wrong', async () => {
    await put(1, example('notions-bank'), { settled: 0 });
    const of = { bank: 'c1/b1', drawer: 'd1' };
    const entries = [
      { kind: 'reading', ...of, what: 'box-width', length: '500.5 mm', against: '500 mm' },
      { kind: 'reading', ...of, what: 'box-width', length: '499 mm', against: '500 mm' },
      { kind: 'fault', ...of, fault: 'split' },
      { kind: 'note', ...of, note: 'Oiled by lantern' },
    ].map((each, at) => ({ id: `e${at}`, at: `2026-11-20T09:0${at}:00.000Z`, ...each }));
    const keep = (seq: number, entry: (typeof entries)[number]) =>
      pool.execute(
        `INSERT INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at)
         VALUES (?, ?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))`,
        [OWN_SHOP, idOf(1), seq, entry.id, entry.kind, new Date(entry.at), JSON.stringify(entry)],
      );
    for (const [seq, entry] of entries.entries()) await keep(seq, entry);
    expect(await settling.atOnce(OWN_SHOP)).toBe(false);
    const asked = async (sql: string): Promise<object[]> => (await pool.query<RowDataPacket[]>(sql))[0];
    expect(await asked('SELECT seq FROM log_entries WHERE settled = 0')).toEqual([]);
    const lantern = `SELECT l.seq FROM line_words w JOIN record_lines l ON l.n = w.n WHERE w.word = 'lantern'`;
    expect(await asked(lantern)).toEqual([{ seq: 3 }]);
    expect(await asked(`SELECT word FROM job_words WHERE word LIKE 'notion%'`)).toEqual([{ word: 'notions' }]);
    expect(await asked('SELECT l.seq, m.what FROM made m JOIN record_lines l ON l.n = m.n ORDER BY l.seq')).toEqual([
      { seq: 0, what: 'box-width' },
      { seq: 1, what: 'box-width' },
    ]);
    const sums = `SELECT kind, about, count, CAST(sum AS CHAR) AS sum, CAST(squares AS CHAR) AS squares FROM job_sums`;
    // By hand: 0.5 mm over and 1 mm under, in nanometres.
    expect(await asked(`${sums} ORDER BY about`)).toEqual([
      { kind: 'reading', about: 'box-width', count: 2, sum: '-500000', squares: '1250000000000' },
      { kind: 'fault', about: 'split', count: 1, sum: '0', squares: '0' },
    ]);
    // What comes later is added: to those of the job, and to those of its shop.
    for (const seq of [4, 5]) await keep(seq, { ...entries[seq === 4 ? 1 : 2]!, id: `e${seq}` });
    expect(await settling.atOnce(OWN_SHOP)).toBe(false);
    const both = [
      { kind: 'reading', about: 'box-width', count: 3, sum: '-1500000', squares: '2250000000000' },
      { kind: 'fault', about: 'split', count: 2, sum: '0', squares: '0' },
    ];
    expect(await asked(`${sums} ORDER BY about`)).toEqual(both);
    expect(await asked(`${sums.replace('job_sums', 'shop_sums')} ORDER BY about`)).toEqual(both);
  });

  it('is made a few at a time', async () => {
    for (let n = 1; n <= 11; n += 1) await put(n, example('flag-chest'));
    expect([await settling.summaries(), await settling.summaries(), await settling.summaries()]).toEqual([
      true,
      false,
      false,
    ]);
    expect((await stand(11))?.['settled']).toBe(2);
  });
});

describe('settling by and by', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  /** How often something is settled in ten seconds where there always is more, and so many are asked each time. */
  const turns = async (each: number): Promise<number> => {
    const settling = new SettlingRepository({ execute: () => Promise.resolve([[{ shop: OWN_SHOP }]]) } as never);
    const some = jest.spyOn(settling, 'some').mockImplementation(async () => {
      asked += each;
      await new Promise((done) => setTimeout(done, 50));
      return true;
    });
    let asked = 0;
    const end = settling.byAndBy(
      () => undefined,
      () => asked,
    );
    await jest.advanceTimersByTimeAsync(9990);
    end();
    return some.mock.calls.length;
  };

  it('takes half the time while little is asked, and leaves the machine to those who ask much', async () => {
    expect(await turns(0)).toBe(100);
    expect(await turns(1000)).toBe(4);
  });

  it('goes on where the database failed, and says so', async () => {
    const settling = new SettlingRepository({ execute: () => Promise.reject(new Error('away')) } as never);
    const told: unknown[] = [];
    const end = settling.byAndBy(
      (problem) => told.push(problem),
      () => 0,
    );
    await jest.advanceTimersByTimeAsync(6500);
    end();
    expect(told).toEqual([new Error('away'), new Error('away'), new Error('away')]);
  });
});
