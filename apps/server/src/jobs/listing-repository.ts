import type { JobList, JobListQuery, JobSummary } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { readCursor, writeCursor } from '../found/cursor';
import type { SettlingRepository } from '../found/settling-repository';
import { summaryOf, type KeptSummary } from '../found/summary';
import { COMMON, STRETCH, through, type Stretch } from '../found/windows';
import { beginningsOf } from '../found/words';
import type { ShopId } from '../whose/shop';

interface ListedRow extends RowDataPacket {
  id: string;
  name: string;
  customer: string;
  revision: number;
  created_at: Date;
  updated_at: Date;
  deleted_at: Date | null;
  summary: string | null;
  summary_of: number;
}

interface Wish {
  readonly shop: ShopId;
  readonly deleted: boolean;
  readonly words: readonly string[];
}

const COLUMNS = 'id, name, customer, revision, created_at, updated_at, deleted_at, summary, summary_of';
/** Both lists stand in the order of one index: by the last change, and by when they were deleted before that. */
const newestFirst = (deleted: boolean): string =>
  `ORDER BY ${deleted ? 'deleted_at DESC, ' : ''}updated_at DESC, id DESC`;

/** The list of jobs, newest first, a page at a time from where the last one ended; found by beginnings of words. */
export class JobListingRepository {
  constructor(
    private readonly pool: Pool,
    private readonly settling: SettlingRepository,
  ) {}

  async list(shop: ShopId, { search, after, size, deleted }: JobListQuery): Promise<JobList> {
    const words = beginningsOf(search);
    // Asked for by nothing that could be a word: nothing is called so.
    if (words.length === 0 && search.trim() !== '') return { items: [], next: null, settling: false };
    const settling = words.length > 0 && (await this.settling.atOnce(shop));
    const wish = { shop, deleted, words };
    const { rows, next } = await this.found(wish, after, size);
    return { items: await this.summaries(shop, rows), next, settling };
  }

  private async found(wish: Wish, after: string | undefined, size: number): Promise<Stretch<ListedRow>> {
    if (wish.words.length === 0) return page(await this.rows(wish, after, size + 1), size);
    const rare = await this.rarest(wish);
    if (rare !== undefined) return page(await this.withWord(wish, rare, after, size + 1), size);
    return through(after, size, (at, wanted) => this.stretch(wish, at, wanted), cursorOf);
  }

  private async rows(wish: Wish, after: string | undefined, most: number): Promise<readonly ListedRow[]> {
    const { where, values } = whereOf(wish, after);
    const [rows] = await this.pool.query<ListedRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE ${where} ${newestFirst(wish.deleted)} LIMIT ?`,
      [...values, most],
    );
    return rows;
  }

  /** The first of the words that few jobs have; nothing where all are common. */
  private async rarest({ shop, words }: Wish): Promise<string | undefined> {
    for (const word of words) {
      const [rows] = await this.pool.execute<RowDataPacket[]>(
        `SELECT 1 FROM job_words WHERE shop = ? AND word LIKE ? LIMIT ${COMMON + 1}`,
        [shop, `${word}%`],
      );
      if (rows.length <= COMMON) return word;
    }
    return undefined;
  }

  private async withWord(
    wish: Wish,
    word: string,
    after: string | undefined,
    most: number,
  ): Promise<readonly ListedRow[]> {
    const { where, values } = whereOf(wish, after);
    const [rows] = await this.pool.query<ListedRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE ${where}
         AND id IN (SELECT job_id FROM job_words WHERE shop = ? AND word LIKE ?) ${newestFirst(wish.deleted)} LIMIT ?`,
      [...values, wish.shop, `${word}%`, most],
    );
    return rows;
  }

  /** Common words: in the order of the list, so many jobs at most. */
  private async stretch(wish: Wish, after: string | undefined, wanted: number): Promise<Stretch<ListedRow>> {
    const all = whereOf({ ...wish, words: [] }, after);
    const [[end]] = await this.pool.query<ListedRow[]>(
      `SELECT id, updated_at, deleted_at FROM jobs WHERE ${all.where} ${newestFirst(wish.deleted)} LIMIT 1 OFFSET ?`,
      [...all.values, STRETCH - 1],
    );
    const some = whereOf(wish, after);
    const until = end ? notBefore(end) : { where: '', values: [] };
    const [rows] = await this.pool.query<ListedRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE ${some.where} ${until.where} ${newestFirst(wish.deleted)} LIMIT ?`,
      [...some.values, ...until.values, wanted],
    );
    return { rows, next: end ? cursorOf(end) : null };
  }

  /** Those that are of an older revision, or were never asked for, are made now and kept. */
  private async summaries(shop: ShopId, rows: readonly ListedRow[]): Promise<readonly JobSummary[]> {
    const old = rows.filter(({ summary, summary_of, revision }) => summary === null || summary_of !== revision);
    const fresh = new Map<string, KeptSummary>();
    if (old.length > 0) {
      const [documents] = await this.pool.query<RowDataPacket[]>(
        'SELECT id, revision, document FROM jobs WHERE shop = ? AND id IN (?)',
        [shop, old.map(({ id }) => id)],
      );
      for (const row of documents) {
        const summary = summaryOf(JSON.parse(String(row['document'])) as JobDocument);
        fresh.set(String(row['id']), summary);
        await this.pool.execute(
          'UPDATE jobs SET summary = ?, summary_of = revision WHERE shop = ? AND id = ? AND revision = ?',
          [JSON.stringify(summary), shop, row['id'], row['revision']],
        );
      }
    }
    return rows.map((row) => asSummary(row, fresh.get(row.id)));
  }
}

function whereOf({ shop, deleted, words }: Wish, after: string | undefined) {
  const past = after === undefined ? undefined : readCursor(after);
  const [first, second = first] = past?.moments ?? [];
  const from = !past
    ? { where: '', values: [] }
    : deleted
      ? {
          where: 'AND deleted_at <= ? AND (deleted_at < ? OR updated_at < ? OR (updated_at = ? AND id < ?))',
          values: [first, first, second, second, past.id],
        }
      : { where: 'AND updated_at <= ? AND (updated_at < ? OR id < ?)', values: [second, second, past.id] };
  return {
    where: `shop = ? AND deleted_at IS ${deleted ? 'NOT ' : ''}NULL ${from.where} ${words.map(() => 'AND words LIKE ?').join(' ')}`,
    values: [shop, ...from.values, ...words.map((word) => `% ${word}%`)],
  };
}

/** From the newest to this one. */
function notBefore({ deleted_at, updated_at, id }: ListedRow) {
  return deleted_at
    ? {
        where: 'AND deleted_at >= ? AND (deleted_at > ? OR updated_at > ? OR (updated_at = ? AND id >= ?))',
        values: [deleted_at, deleted_at, updated_at, updated_at, id],
      }
    : { where: 'AND updated_at >= ? AND (updated_at > ? OR id >= ?)', values: [updated_at, updated_at, id] };
}

function cursorOf({ deleted_at, updated_at, id }: ListedRow): string {
  return writeCursor(deleted_at ? [deleted_at, updated_at] : [updated_at], id);
}

function page(rows: readonly ListedRow[], size: number): Stretch<ListedRow> {
  const last = rows[size - 1];
  return { rows: rows.slice(0, size), next: rows.length > size && last ? cursorOf(last) : null };
}

function asSummary(row: ListedRow, fresh: KeptSummary | undefined): JobSummary {
  const { unit, faces } = fresh ?? (JSON.parse(row.summary ?? '{"unit":"in","faces":[]}') as KeptSummary);
  return {
    id: row.id,
    revision: row.revision,
    createdAt: row.created_at.toISOString(),
    updatedAt: row.updated_at.toISOString(),
    deletedAt: row.deleted_at?.toISOString() ?? null,
    name: row.name,
    customer: row.customer,
    unit,
    faces,
  };
}
