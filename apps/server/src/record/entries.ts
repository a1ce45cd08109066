import type { ShopId } from '../whose/shop';
import type { LogEntryDocument } from '@zabble/core';
import type { PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';

/** An entry with the words it is found by. */
export interface ToKeep {
  readonly entry: LogEntryDocument;
  readonly words: string;
}

/** Adds to a job whose row is locked, or is made in the same transaction. */
export async function addTo(
  connection: PoolConnection,
  shop: ShopId,
  job: string,
  entries: readonly ToKeep[],
): Promise<readonly { id: string; seq: number }[]> {
  const [[last]] = await connection.execute<RowDataPacket[]>(
    'SELECT COALESCE(MAX(seq), 0) AS seq FROM log_entries WHERE shop = ? AND job_id = ?',
    [shop, job],
  );
  let seq = Number(last?.['seq'] ?? 0);
  const kept: { id: string; seq: number }[] = [];
  for (const { entry, words } of entries) {
    const [result] = await connection.execute<ResultSetHeader>(
      `INSERT IGNORE INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, words, kept_at)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))`,
      [shop, job, seq + 1, entry.id, entry.kind, moment(entry.at), JSON.stringify(entry), words],
    );
    if (result.affectedRows === 1) seq += 1;
    kept.push({ id: entry.id, seq: result.affectedRows === 1 ? seq : await numberOf(connection, shop, job, entry.id) });
  }
  return kept;
}

async function numberOf(connection: PoolConnection, shop: ShopId, job: string, id: string): Promise<number> {
  const [[row]] = await connection.execute<RowDataPacket[]>(
    'SELECT seq FROM log_entries WHERE shop = ? AND job_id = ? AND id = ?',
    [shop, job, id],
  );
  return Number(row?.['seq'] ?? 0);
}

/** A moment as MariaDB takes it. */
function moment(at: string): string {
  return new Date(at).toISOString().slice(0, 23).replace('T', ' ');
}
