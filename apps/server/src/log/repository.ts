import type { ShopId } from '../whose/shop';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';
import { addOne, addTo } from '../record/entries';

interface EntryRow extends RowDataPacket {
  seq: number;
  entry: string;
}

/** Entries read in one go at most. */
const PAGE = 1000;

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
    entries: readonly LogEntryDocument[],
  ): Promise<readonly { id: string; seq: number }[] | undefined> {
    const [only, ...more] = entries;
    const seq = only && more.length === 0 ? await addOne(this.pool, shop, job, only) : undefined;
    if (only && seq !== undefined) return [{ id: only.id, seq }];
    return inTransaction(this.pool, async (connection) => {
      const [[known]] = await connection.execute<RowDataPacket[]>(
        'SELECT id FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL FOR UPDATE',
        [shop, job],
      );
      if (!known) return undefined;
      return addTo(connection, shop, job, entries);
    });
  }
}

function toKept({ seq, entry }: EntryRow): KeptEntry {
  return { seq, entry: JSON.parse(entry) as LogEntryDocument };
}
