import type { ShopId } from '../whose/shop';
import type { KeptEntry, RecordQuery } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';
import { addTo, type ToKeep } from '../record/entries';

interface EntryRow extends RowDataPacket {
  seq: number;
  entry: string;
}

interface FoundRow extends EntryRow {
  job_id: string;
}

/** An entry of any job, as the search finds it. */
export interface Found {
  readonly job: string;
  readonly entry: LogEntryDocument;
}

/** Entries read in one go at most. */
const PAGE = 1000;
/** Readings and faults that lessons are drawn from at most: the newest. */
const MOST = 20_000;

/** The table log_entries: written once, never changed. Every statement is parameterised. */
export class LogRepository {
  constructor(private readonly pool: Pool) {}

  async after(
    shop: ShopId,
    job: string,
    seq: number,
  ): Promise<{ readonly entries: readonly KeptEntry[]; readonly more: boolean }> {
    const [rows] = await this.pool.execute<EntryRow[]>(
      `SELECT seq, entry FROM log_entries WHERE shop = ? AND job_id = ? AND seq > ? ORDER BY seq LIMIT ${PAGE + 1}`,
      [shop, job, seq],
    );
    return { entries: rows.slice(0, PAGE).map(toKept), more: rows.length > PAGE };
  }

  /** The number of the last entry of each of these jobs that has any. */
  async endsOf(jobs: readonly string[]): Promise<ReadonlyMap<string, number>> {
    if (jobs.length === 0) return new Map();
    const [rows] = await this.pool.query<RowDataPacket[]>(
      'SELECT job_id, MAX(seq) AS last FROM log_entries WHERE job_id IN (?) GROUP BY job_id',
      [jobs],
    );
    return new Map(rows.map((row) => [String(row['job_id']), Number(row['last'])]));
  }

  /**
   * Adds entries in one transaction and answers the number of each; one that is known keeps its number. Numbers are
   * given out under the lock of the job’s row, so that no reader ever sees a later one before an earlier. Undefined
   * where there is no such job.
   */
  async add(
    shop: ShopId,
    job: string,
    entries: readonly ToKeep[],
  ): Promise<readonly { id: string; seq: number }[] | undefined> {
    return inTransaction(this.pool, async (connection) => {
      const [[known]] = await connection.execute<RowDataPacket[]>(
        'SELECT id FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL FOR UPDATE',
        [shop, job],
      );
      if (!known) return undefined;
      return addTo(connection, shop, job, entries);
    });
  }

  /** Of jobs that are not deleted, newest first. */
  async find(
    shop: ShopId,
    { search, kind, page, size }: RecordQuery,
  ): Promise<{ items: readonly Found[]; total: number }> {
    const words = search.trim().split(/\s+/).filter(Boolean);
    const where = [
      'e.shop = ?',
      'j.deleted_at IS NULL',
      ...(kind ? ['e.kind = ?'] : []),
      ...words.map(() => 'e.words LIKE ?'),
    ];
    const values = [shop, ...(kind ? [kind] : []), ...words.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`)];
    const from = `FROM log_entries e JOIN jobs j ON j.id = e.job_id WHERE ${where.join(' AND ')}`;
    const [[counts]] = await this.pool.execute<RowDataPacket[]>(`SELECT COUNT(*) AS total ${from}`, values);
    const [rows] = await this.pool.query<FoundRow[]>(
      `SELECT e.job_id, e.seq, e.entry ${from} ORDER BY e.happened_at DESC, e.job_id, e.seq DESC LIMIT ? OFFSET ?`,
      [...values, size, (page - 1) * size],
    );
    const items = rows.map((row) => ({ job: row.job_id, entry: toKept(row).entry }));
    return { items, total: Number(counts?.['total'] ?? 0) };
  }

  /** The newest entries of a kind of all jobs, oldest of them first. */
  async ofKind(shop: ShopId, kind: LogEntryDocument['kind']): Promise<readonly LogEntryDocument[]> {
    const [rows] = await this.pool.execute<EntryRow[]>(
      `SELECT e.seq, e.entry FROM log_entries e JOIN jobs j ON j.id = e.job_id
       WHERE e.shop = ? AND e.kind = ? AND j.deleted_at IS NULL ORDER BY e.happened_at DESC, e.job_id, e.seq DESC LIMIT ${MOST}`,
      [shop, kind],
    );
    return rows.map((row) => toKept(row).entry).reverse();
  }
}

function toKept({ seq, entry }: EntryRow): KeptEntry {
  return { seq, entry: JSON.parse(entry) as LogEntryDocument };
}
