import type { ShopId } from '../whose/shop';
import type { LogEntryDocument } from '@zabble/core';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { run } from '../db/run';

interface Numbered extends RowDataPacket {
  id: string;
  seq: number;
}

/** So many are written with one statement. */
const AT_ONCE = 200;

/**
 * Adds to a job whose row is locked, or is made in the same transaction: nobody else numbers its entries meanwhile. One
 * whose id is known keeps its number and is not written again.
 */
export async function addTo(
  connection: PoolConnection,
  shop: ShopId,
  job: string,
  entries: readonly LogEntryDocument[],
): Promise<readonly { id: string; seq: number }[]> {
  if (entries.length === 0) return [];
  const [rows] = await connection.query<Numbered[]>(
    `SELECT id, seq FROM log_entries WHERE shop = ? AND job_id = ? AND id IN (?)
     UNION ALL (SELECT '', seq FROM log_entries WHERE shop = ? AND job_id = ? ORDER BY seq DESC LIMIT 1)`,
    [shop, job, entries.map(({ id }) => id), shop, job],
  );
  const numbers = new Map(rows.map(({ id, seq }) => [id, seq]));
  // No entry has an empty id: that is the last one's.
  let last = numbers.get('') ?? 0;
  const fresh = entries.filter((entry) => {
    if (numbers.has(entry.id)) return false;
    numbers.set(entry.id, (last += 1));
    return true;
  });
  const now = moment(new Date().toISOString());
  const values = fresh.map((entry) => [
    shop,
    job,
    numbers.get(entry.id),
    entry.id,
    entry.kind,
    moment(entry.at),
    JSON.stringify(entry),
    now,
  ]);
  for (let at = 0; at < values.length; at += AT_ONCE)
    await connection.query(
      'INSERT INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at) VALUES ?',
      [values.slice(at, at + AT_ONCE)],
    );
  return entries.map(({ id }) => ({ id, seq: numbers.get(id) ?? 0 }));
}

/**
 * Adds one entry with one statement, numbered under the lock of the job's row as well; most often there is only one. Nothing
 * where there is no such job, its id is known already, or another transaction stood in the way: nothing was changed then.
 */
export async function addOne(
  pool: Pool,
  shop: ShopId,
  job: string,
  entry: LogEntryDocument,
): Promise<number | undefined> {
  const now = moment(new Date().toISOString());
  try {
    const [row] = await run<Numbered[]>(pool, ONE, [
      ...[entry.id, entry.kind, moment(entry.at), JSON.stringify(entry), now],
      ...[shop, job],
    ]);
    return row?.seq;
  } catch (problem) {
    const { code } = problem as { code?: string };
    if (code === 'ER_DUP_ENTRY' || code === 'ER_LOCK_DEADLOCK') return undefined;
    throw problem;
  }
}

/** The last number is looked up from the end: as a maximum it would be looked for in the whole log. */
const ONE = `INSERT INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, kept_at)
  SELECT j.shop, j.id, 1 + COALESCE((
    SELECT e.seq FROM log_entries e WHERE e.shop = j.shop AND e.job_id = j.id ORDER BY e.seq DESC LIMIT 1
  ), 0), ?, ?, ?, ?, ?
  FROM jobs j WHERE j.shop = ? AND j.id = ? AND j.deleted_at IS NULL FOR UPDATE
  RETURNING id, seq`;

/** A moment as MariaDB takes it. */
function moment(at: string): string {
  return new Date(at).toISOString().slice(0, 23).replace('T', ' ');
}
