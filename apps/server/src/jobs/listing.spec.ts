import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import { SettlingRepository } from '../found/settling-repository';
import { COMMON, STRETCH } from '../found/windows';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP, type ShopId } from '../whose/shop';
import { JobListingRepository } from './listing-repository';

const DEMO = readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8');
const OTHER = '00000000-0000-4000-8000-0000000000aa' as ShopId;
/** More than one stretch, and more than make a word a common one. */
const JOBS = STRETCH + 300;
const SUMMARY = JSON.stringify({ unit: 'mm', faces: [] });
const idOf = (n: number): string => `00000000-0000-4000-9000-${String(n).padStart(12, '0')}`;
/** Two each minute, so that an id decides between them. */
const at = (n: number): Date => new Date(Date.UTC(2026, 0, 1) + Math.floor(n / 2) * 60_000);

describe('the list of jobs', () => {
  let pool: Pool;
  let listing: JobListingRepository;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_listing');
    await migrate(pool, join(__dirname, '../../migrations'));
    await pool.execute('INSERT INTO shops (id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))', [OTHER, 'Ness']);
    listing = new JobListingRepository(pool, new SettlingRepository(pool));
    // Every second is a chest; every seventy-fifth is of a lantern, all are ropes; every seventh was deleted.
    const rows = Array.from({ length: JOBS }, (_, n) => {
      const words = ['rope', ...(n % 2 === 0 ? ['chest'] : []), ...(n % 75 === 0 ? ['lantern'] : []), `n${n}`];
      return { n, words, deleted: n % 7 === 3 ? at(JOBS - n) : null };
    });
    for (let from = 0; from < JOBS; from += 1000) {
      const some = rows.slice(from, from + 1000);
      await pool.query(
        `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at, deleted_at, words, settled,
           summary, summary_of) VALUES ?`,
        [
          some.map(({ n, words, deleted }) => [
            ...[OWN_SHOP, idOf(n), `Rope ${n}`, 'Holm', '{}', 1, at(n), at(n), deleted],
            ...[` ${words.join(' ')}`, 2, SUMMARY, 1],
          ]),
        ],
      );
      await pool.query('INSERT INTO job_words (shop, word, job_id) VALUES ?', [
        some.flatMap(({ n, words }) => words.map((word) => [OWN_SHOP, word, idOf(n)])),
      ]);
    }
  });
  afterAll(() => pool.end());

  /** Page by page to its end: which jobs, by their numbers, and how many pages it took. */
  const all = async (search: string, size: number, deleted = false, shop = OWN_SHOP) => {
    const [found, sizes]: [number[], number[]] = [[], []];
    let after: string | undefined;
    for (;;) {
      const { items, next } = await listing.list(shop, {
        search,
        size,
        deleted,
        ...(after === undefined ? {} : { after }),
      });
      found.push(...items.map(({ id }) => Number(id.slice(-12))));
      sizes.push(items.length);
      if (next === null) return { found, sizes };
      after = next;
      if (sizes.length > 400) throw new Error('it never ends');
    }
  };
  const numbers = (serves: (n: number) => boolean, deleted = false): readonly number[] => {
    const own = Array.from({ length: JOBS }, (_, n) => n).filter((n) => serves(n) && (n % 7 === 3) === deleted);
    const key = (n: number): readonly number[] =>
      deleted ? [at(JOBS - n).getTime(), at(n).getTime(), n] : [at(n).getTime(), n];
    return own.sort((one, other) => {
      const [a, b] = [key(one), key(other)];
      const place = a.findIndex((each, index) => each !== b[index]);
      return place < 0 ? 0 : (b[place] as number) - (a[place] as number);
    });
  };

  it.each([false, true])(
    'has each once, newest first, whatever the size of a page; deleted ones: %s',
    async (deleted) => {
      const wanted = numbers(() => true, deleted);
      for (const size of [97, 100]) {
        const { found, sizes } = await all('', size, deleted);
        expect(found).toEqual(wanted);
        expect(sizes.slice(0, -1).every((each) => each === size)).toBe(true);
      }
    },
  );

  it.each<[string, string, (n: number) => boolean]>([
    ['a word few have', 'lantern', (n) => n % 75 === 0],
    ['the beginning of one', 'lant', (n) => n % 75 === 0],
    ['a common word', 'rope', () => true],
    ['common words', 'rope chest', (n) => n % 2 === 0],
    ['a common word and one few have', 'chest lantern', (n) => n % 150 === 0],
    ['words none has together', 'chest gull', () => false],
    ['a word none has', 'gull', () => false],
  ])('is found by %s', async (_, search, serves) => {
    for (const deleted of [false, true]) {
      const { found } = await all(search, 40, deleted);
      expect(found).toEqual(numbers(serves, deleted));
    }
  });

  it('looks for common words stretch by stretch: a page is full where there are as many', async () => {
    expect(JOBS / 2).toBeGreaterThan(COMMON);
    for (const search of ['rope', 'rope chest']) {
      const { sizes } = await all(search, 50);
      expect(sizes.slice(0, -1).every((size) => size === 50)).toBe(true);
    }
  });

  it('is nothing where it is asked by nothing that could be a word, or in another shop', async () => {
    expect(await listing.list(OWN_SHOP, { search: ' %_ ', size: 9, deleted: false })).toEqual({
      ...{ items: [], next: null, settling: false },
    });
    expect((await all('', 10, false, OTHER)).found).toEqual([]);
    expect((await all('rope', 10, false, OTHER)).found).toEqual([]);
  });

  it('shows of each its faces: made once, and anew where it stands at another revision', async () => {
    const [newest, second] = numbers(() => true);
    const { faces: one, unit } = JSON.parse(SUMMARY) as { faces: []; unit: string };
    const top = async () => (await listing.list(OWN_SHOP, { search: '', size: 2, deleted: false })).items;
    expect((await top()).map((each) => [each.faces, each.unit])).toEqual([
      [one, unit],
      [one, unit],
    ]);
    const demo = JSON.parse(DEMO) as JobDocument;
    const set = (n: number, what: string, values: readonly unknown[]) =>
      pool.query(`UPDATE jobs SET ${what} WHERE id = ?`, [...values, idOf(n)]);
    await set(newest!, 'document = ?, revision = 2', [DEMO]);
    await set(second!, 'document = ?, summary = NULL, summary_of = 0', [DEMO]);
    const made = await top();
    expect(made.map(({ revision }) => revision)).toEqual([2, 1]);
    expect(made.every(({ faces, unit: of }) => faces.length === 1 && of === demo.unit)).toBe(true);
    expect(made[0]).toMatchObject({
      ...{ id: idOf(newest!), name: `Rope ${newest!}`, customer: 'Holm', deletedAt: null },
      ...{ createdAt: at(newest!).toISOString(), updatedAt: at(newest!).toISOString() },
    });
    const [rows] = await pool.query<RowDataPacket[]>(
      'SELECT summary, summary_of FROM jobs WHERE id IN (?) ORDER BY id',
      [[newest, second].map((n) => idOf(n!))],
    );
    expect(rows.map((row) => Number(row['summary_of'])).sort()).toEqual([1, 2]);
    expect(rows.every((row) => (row['summary'] as string).includes('"faces":[{'))).toBe(true);
    // What is kept is shown: it is not made again.
    await set(newest!, 'summary = ?', [SUMMARY]);
    expect((await top())[0]).toMatchObject({ faces: [], unit: 'mm' });
  });

  it('tells when a job was deleted', async () => {
    const [first] = (await listing.list(OWN_SHOP, { search: '', size: 1, deleted: true })).items;
    const [n] = numbers(() => true, true);
    expect(first).toMatchObject({ id: idOf(n!), deletedAt: at(JOBS - n!).toISOString() });
  });
});
