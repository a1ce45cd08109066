import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import { COMMON, STRETCH } from '../found/windows';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP, type ShopId } from '../whose/shop';
import { RecordFindingRepository } from './finding-repository';

const OTHER = '00000000-0000-4000-8000-0000000000aa' as ShopId;
/** More than one question looks through, in stretches. */
const LINES = 4 * STRETCH + 700;
const JOBS = 30;
const KINDS = ['note', 'fault', 'step'] as const;
const idOf = (job: number): string => `00000000-0000-4000-9000-${String(job).padStart(12, '0')}`;
/** Two each minute, so that the later one is told by its number. */
const at = (n: number): Date => new Date(Date.UTC(2026, 0, 1) + Math.floor(n / 2) * 60_000);

interface Line {
  readonly n: number;
  readonly job: number;
  readonly kind: (typeof KINDS)[number];
  readonly words: readonly string[];
}
/** All are planed; every fifth is glued; one in so many was found split; a few lines are very old and of a lantern. */
const ALL: readonly Line[] = Array.from({ length: LINES }, (_, n) => ({
  ...{ n, job: n % JOBS, kind: KINDS[n % 3] as Line['kind'] },
  words: [
    ...['planed', ...(n % 5 === 0 ? ['glued'] : [])],
    ...[...(n % 400 === 0 ? ['split'] : []), ...(n < 6 ? ['lantern'] : [])],
  ],
}));
/** Every tenth job was deleted; one is called by a word of its own, all others by a common one. */
const jobWords = (job: number): readonly string[] => [job === 7 ? 'cutter' : 'rope'];
const isThere = ({ job }: Line): boolean => job % 10 !== 9;

describe('the record of all jobs', () => {
  let pool: Pool;
  let record: RecordFindingRepository;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_finding');
    await migrate(pool, join(__dirname, '../../migrations'));
    record = new RecordFindingRepository(pool);
    const put = async (into: string, rows: readonly (readonly unknown[])[]): Promise<void> => {
      for (let from = 0; from < rows.length; from += 3000)
        await pool.query(`INSERT INTO ${into} VALUES ?`, [rows.slice(from, from + 3000)]);
    };
    const jobs = Array.from({ length: JOBS }, (_, job) => job);
    await put(
      'jobs (shop, id, name, customer, document, revision, created_at, updated_at, deleted_at, words, settled)',
      jobs.map((job) => [
        ...[OWN_SHOP, idOf(job), `Job ${job}`, '', `{"name":"Job ${job}"}`, 1, at(0), at(0)],
        ...[job % 10 === 9 ? at(0) : null, ` ${jobWords(job).join(' ')}`, 1],
      ]),
    );
    await put(
      'job_words (shop, word, job_id)',
      jobs.flatMap((job) => jobWords(job).map((word) => [OWN_SHOP, word, idOf(job)])),
    );
    await put(
      'log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at, settled)',
      ALL.map(({ n, job, kind }) => [OWN_SHOP, idOf(job), n, `e${n}`, kind, at(n), `{"id":"e${n}"}`, at(n), 1]),
    );
    await put(
      'record_lines (n, shop, job_id, seq, kind, happened_at, words)',
      ALL.map(({ n, job, kind, words }) => [n + 1, OWN_SHOP, idOf(job), n, kind, at(n), ` ${words.join(' ')}`]),
    );
    await put(
      'line_words (shop, word, n)',
      ALL.flatMap(({ n, words }) => words.map((word) => [OWN_SHOP, word, n + 1])),
    );
  }, 120_000);
  afterAll(() => pool.end());

  /** All that is found, by numbers, with what each page says of how far was looked. */
  const all = async (search: string, size: number, kind?: Line['kind'], shop = OWN_SHOP) => {
    const found: number[] = [];
    const pages: { readonly size: number; readonly lookedTo: string | null }[] = [];
    let after: string | undefined;
    for (;;) {
      const page = await record.find(shop, {
        ...{ search, size },
        ...(kind === undefined ? {} : { kind }),
        ...(after === undefined ? {} : { after }),
      } as never);
      found.push(...page.items.map(({ entry }) => Number(entry.id.slice(1))));
      for (const { job, entry } of page.items) expect(job).toBe(idOf(Number(entry.id.slice(1)) % JOBS));
      expect([...page.jobs.keys()].sort()).toEqual([...new Set(page.items.map(({ job }) => job))].sort());
      pages.push({ size: page.items.length, lookedTo: page.lookedTo });
      if (page.next === null) return { found, pages };
      after = page.next;
      if (pages.length > 300) throw new Error('it never ends');
    }
  };
  const numbers = (serves: (line: Line) => boolean): readonly number[] =>
    ALL.filter((line) => isThere(line) && serves(line))
      .map(({ n }) => n)
      .sort((one, other) => at(other).getTime() - at(one).getTime() || other - one);

  it.each<[string, string, Line['kind'] | undefined, (line: Line) => boolean]>([
    ['a word few lines have', 'split', undefined, ({ n }) => n % 400 === 0],
    ['the beginning of one', 'lant', undefined, ({ n }) => n < 6],
    ['a word few have, of one kind', 'split', 'fault', ({ n, kind }) => n % 400 === 0 && kind === 'fault'],
    ['a common word', 'glued', undefined, ({ n }) => n % 5 === 0],
    ['common words, of one kind', 'planed glued', 'note', ({ n, kind }) => n % 5 === 0 && kind === 'note'],
    ['a word of its job', 'cutter', undefined, ({ job }) => job === 7],
    ['a word of its job and one of its own', 'cutter glued', undefined, ({ job, n }) => job === 7 && n % 5 === 0],
    ['a common word of jobs', 'rope', undefined, ({ job }) => job !== 7],
    ['words none has together', 'cutter lantern', undefined, () => false],
    ['a word none has', 'gull', undefined, () => false],
  ])('is found by %s, newest first, each line once', async (_, search, kind, serves) => {
    const { found } = await all(search, 90, kind);
    expect(found).toEqual(numbers(serves));
  });

  it('is gone through whole, a page at a time', async () => {
    const { found, pages } = await all('', 100);
    expect(found).toEqual(numbers(() => true));
    expect(pages.slice(0, -1).every(({ size }) => size === 100)).toBe(true);
    expect(pages.every(({ lookedTo }) => lookedTo === null)).toBe(true);
  });

  it('says up to when was looked, where there is more than one question looks through', async () => {
    expect(ALL.filter(({ n }) => n % 5 === 0).length).toBeGreaterThan(COMMON);
    // The newest lines have one of two common words alone: four stretches are looked through in vain.
    await pool.query("UPDATE record_lines SET words = REPLACE(words, 'glued', 'g') WHERE n > 300");
    const { found, pages } = await all('planed glued', 50);
    expect(found).toEqual(numbers(({ n }) => n % 5 === 0 && n < 300));
    const told = pages.filter(({ lookedTo }) => lookedTo !== null);
    expect(told.map(({ size }) => size)).toEqual([0]);
    expect(told[0]?.lookedTo).toBe(at(LINES - 4 * STRETCH).toISOString());
  });

  it('is nothing where it is asked by nothing that could be a word, or in another shop', async () => {
    expect(await record.find(OWN_SHOP, { search: ' %_ ', size: 9 } as never)).toEqual({
      ...{ items: [], next: null, lookedTo: null, jobs: new Map() },
    });
    for (const search of ['', 'split', 'planed']) expect((await all(search, 9, undefined, OTHER)).found).toEqual([]);
  });
});
