import type { RecordQuery } from '@zabble/contract';
import type { JobDocument, LogEntryDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { readCursor, writeCursor } from '../found/cursor';
import { COMMON, STRETCH, through, type Stretch } from '../found/windows';
import { beginningsOf } from '../found/words';
import type { ShopId } from '../whose/shop';

/** An entry of any job, as the search finds it. */
export interface Found {
  readonly job: string;
  readonly entry: LogEntryDocument;
}

export interface FoundPage {
  readonly items: readonly Found[];
  readonly next: string | null;
  /** Up to when was looked back, where that was enough for one go. */
  readonly lookedTo: string | null;
  /** The jobs of what was found. */
  readonly jobs: ReadonlyMap<string, JobDocument>;
}

interface LineRow extends RowDataPacket {
  n: number;
  job_id: string;
  seq: number;
  happened_at: Date;
}

interface Wish {
  readonly shop: ShopId;
  readonly kind: string | undefined;
  readonly words: readonly string[];
}

/** Of few jobs that are called by a word, their lines are few enough. */
const FEW_JOBS = 20;
const NEWEST_FIRST = 'ORDER BY r.happened_at DESC, r.n DESC';

/** The record of all jobs that are not deleted, newest first, found by beginnings of words of the entry or of its job. */
export class RecordFindingRepository {
  constructor(private readonly pool: Pool) {}

  async find(shop: ShopId, { search, kind, after, size }: RecordQuery): Promise<FoundPage> {
    const words = beginningsOf(search);
    if (words.length === 0 && search.trim() !== '') return { items: [], next: null, lookedTo: null, jobs: new Map() };
    const wish = { shop, kind, words };
    const rare = await this.rarest(wish);
    const { rows, next, enough } = rare
      ? { ...page(await this.withWord(wish, rare, after, size + 1), size), enough: false }
      : await through(after, size, (at, wanted) => this.stretch(wish, at, wanted), cursorOf);
    const lookedTo = enough && next !== null ? (readCursor(next).moments[0]?.toISOString() ?? null) : null;
    return { ...(await this.whole(wish.shop, rows)), next, lookedTo };
  }

  /** The first of the words that few lines have, with the jobs that are called by it; nothing where all are common. */
  private async rarest({ shop, words }: Wish): Promise<Rare | undefined> {
    for (const word of words) {
      const begins = `${word}%`;
      const [lines] = await this.pool.execute<RowDataPacket[]>(
        `SELECT 1 FROM line_words WHERE shop = ? AND word LIKE ? LIMIT ${COMMON + 1}`,
        [shop, begins],
      );
      if (lines.length > COMMON) continue;
      const [named] = await this.pool.execute<RowDataPacket[]>(
        `SELECT DISTINCT job_id FROM job_words WHERE shop = ? AND word LIKE ? LIMIT ${FEW_JOBS + 1}`,
        [shop, begins],
      );
      if (named.length > FEW_JOBS) continue;
      const jobs = named.map((row) => String(row['job_id']));
      if (jobs.length > 0) {
        const [theirs] = await this.pool.query<RowDataPacket[]>(
          `SELECT 1 FROM record_lines WHERE shop = ? AND job_id IN (?) LIMIT ${COMMON + 1}`,
          [shop, jobs],
        );
        if (theirs.length > COMMON) continue;
      }
      return { begins, jobs };
    }
    return undefined;
  }

  private async withWord(
    wish: Wish,
    { begins, jobs }: Rare,
    after: string | undefined,
    most: number,
  ): Promise<readonly LineRow[]> {
    const { where, values } = whereOf(wish, after);
    const theirs = jobs.length > 0 ? 'UNION SELECT n FROM record_lines WHERE job_id IN (?)' : '';
    const [rows] = await this.pool.query<LineRow[]>(
      `SELECT r.n, r.job_id, r.seq, r.happened_at
       FROM (SELECT n FROM line_words WHERE shop = ? AND word LIKE ? ${theirs}) w
         STRAIGHT_JOIN record_lines r ON r.n = w.n STRAIGHT_JOIN jobs j ON j.id = r.job_id
       WHERE ${where} ${NEWEST_FIRST} LIMIT ?`,
      [wish.shop, begins, ...(jobs.length > 0 ? [jobs] : []), ...values, most],
    );
    return rows;
  }

  /** Common words, or none: in the order of the record, so many lines at most. */
  private async stretch(wish: Wish, after: string | undefined, wanted: number): Promise<Stretch<LineRow>> {
    const index = wish.kind === undefined ? 'record_lines_by_time' : 'record_lines_by_kind';
    const lines = `record_lines r FORCE INDEX (${index})`;
    const all = whereOf({ ...wish, words: [] }, after, 'lines');
    const [[end]] = await this.pool.query<LineRow[]>(
      `SELECT r.n, r.happened_at FROM ${lines} WHERE ${all.where} ${NEWEST_FIRST} LIMIT 1 OFFSET ?`,
      [...all.values, STRETCH - 1],
    );
    const some = whereOf(wish, after);
    const until = end ? 'AND r.happened_at >= ? AND (r.happened_at > ? OR r.n >= ?)' : '';
    const [rows] = await this.pool.query<LineRow[]>(
      `SELECT r.n, r.job_id, r.seq, r.happened_at FROM ${lines} STRAIGHT_JOIN jobs j ON j.id = r.job_id
       WHERE ${some.where} ${until} ${NEWEST_FIRST} LIMIT ?`,
      [...some.values, ...(end ? [end.happened_at, end.happened_at, end.n] : []), wanted],
    );
    return { rows, next: end ? cursorOf(end) : null };
  }

  /** What was found as it was kept, with its jobs. */
  private async whole(shop: ShopId, rows: readonly LineRow[]): Promise<Pick<FoundPage, 'items' | 'jobs'>> {
    if (rows.length === 0) return { items: [], jobs: new Map() };
    const [entries] = await this.pool.query<RowDataPacket[]>(
      'SELECT job_id, seq, entry FROM log_entries WHERE shop = ? AND (job_id, seq) IN (?)',
      [shop, rows.map(({ job_id, seq }) => [job_id, seq])],
    );
    const [jobs] = await this.pool.query<RowDataPacket[]>(
      'SELECT id, document FROM jobs WHERE shop = ? AND id IN (?)',
      [shop, [...new Set(rows.map(({ job_id }) => job_id))]],
    );
    const texts = new Map(
      entries.map((row) => [`${String(row['job_id'])} ${String(row['seq'])}`, String(row['entry'])]),
    );
    return {
      items: rows.flatMap(({ job_id: job, seq }) => {
        const text = texts.get(`${job} ${seq}`);
        return text === undefined ? [] : [{ job, entry: JSON.parse(text) as LogEntryDocument }];
      }),
      jobs: new Map(jobs.map((row) => [String(row['id']), JSON.parse(String(row['document'])) as JobDocument])),
    };
  }
}

interface Rare {
  readonly begins: string;
  readonly jobs: readonly string[];
}

function whereOf({ shop, kind, words }: Wish, after: string | undefined, of: 'lines' | 'both' = 'both') {
  const past = after === undefined ? undefined : readCursor(after);
  const moment = past?.moments[0];
  return {
    where: [
      'r.shop = ?',
      ...(kind === undefined ? [] : ['r.kind = ?']),
      ...(past ? ['r.happened_at <= ? AND (r.happened_at < ? OR r.n < ?)'] : []),
      ...(of === 'both' ? ['j.deleted_at IS NULL'] : []),
      ...words.map(() => '(r.words LIKE ? OR j.words LIKE ?)'),
    ].join(' AND '),
    values: [
      shop,
      ...(kind === undefined ? [] : [kind]),
      ...(past ? [moment, moment, Number(past.id)] : []),
      ...words.flatMap((word) => [`% ${word}%`, `% ${word}%`]),
    ],
  };
}

function cursorOf({ happened_at, n }: LineRow): string {
  return writeCursor([happened_at], n);
}

function page(rows: readonly LineRow[], size: number): Stretch<LineRow> {
  const last = rows[size - 1];
  return { rows: rows.slice(0, size), next: rows.length > size && last ? cursorOf(last) : null };
}
