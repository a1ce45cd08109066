import { DELETED_FOR_DAYS, SHOP_DELETED_FOR_DAYS } from '@zabble/contract';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';

/** How often it is looked for what is to go, in milliseconds. */
const LOOK = 6 * 3_600_000;
const SOON = 30_000;
/** So many jobs are looked for in one go. */
const AT_ONCE = 20;
/** So many rows of a shop go at once. */
const ROWS = 500;

/** Everything else that is of one job, its photographs first. */
const OF_JOB = [
  'DELETE FROM photos WHERE job_id = ?',
  'DELETE w FROM line_words w JOIN record_lines r ON r.n = w.n WHERE r.job_id = ?',
  'DELETE FROM record_lines WHERE job_id = ?',
  'DELETE FROM made WHERE job_id = ?',
  'DELETE FROM job_sums WHERE job_id = ?',
  'DELETE FROM job_words WHERE job_id = ?',
  'DELETE FROM job_revisions WHERE job_id = ?',
  'DELETE FROM bookings WHERE job_id = ?',
  'DELETE FROM quotes WHERE job_id = ?',
  'DELETE FROM laid_aside WHERE job_id = ?',
  'DELETE FROM settled WHERE job_id = ?',
  'DELETE FROM order_for WHERE job_id = ?',
  'DELETE FROM calendar_fixed WHERE job_id = ?',
  'DELETE FROM calendar_jobs WHERE job_id = ?',
  'DELETE FROM present WHERE job_id = ?',
  'DELETE FROM jobs WHERE id = ?',
] as const;

/** Erases jobs that were deleted long enough ago, with their photographs, logs and older versions. */
export class ErasingRepository {
  constructor(private readonly pool: Pool) {}

  /** Erases what is due at `now`; answers how many jobs. */
  async due(now = new Date()): Promise<number> {
    const before = new Date(now.getTime() - DELETED_FOR_DAYS * 86_400_000);
    let erased = 0;
    for (;;) {
      const [rows] = await this.pool.query<RowDataPacket[]>(
        `SELECT j.id FROM shops s JOIN jobs j ON j.shop = s.id WHERE j.deleted_at < ? LIMIT ${AT_ONCE}`,
        [before],
      );
      for (const row of rows)
        if (await inTransaction(this.pool, (connection) => erase(connection, String(row['id']), before))) erased += 1;
      if (rows.length < AT_ONCE) return erased;
    }
  }

  /** Shops that were deleted long enough ago, whole; answers how many. Its people stay people of other shops. */
  async dueShops(now = new Date()): Promise<number> {
    const before = new Date(now.getTime() - SHOP_DELETED_FOR_DAYS * 86_400_000);
    const [rows] = await this.pool.execute<RowDataPacket[]>('SELECT id FROM shops WHERE deleted_at < ?', [before]);
    for (const row of rows) await this.eraseShop(String(row['id']));
    return rows.length;
  }

  /** A few rows at a time: nobody else waits for it, and broken off it goes on where it was. */
  private async eraseShop(shop: string): Promise<void> {
    // Nobody comes in any more before anything of it goes.
    await this.pool.execute('DELETE FROM members WHERE shop = ?', [shop]);
    const [tables] = await this.pool.query<RowDataPacket[]>(
      `SELECT table_name AS name FROM information_schema.columns
       WHERE table_schema = DATABASE() AND column_name = 'shop'`,
    );
    for (const { name } of tables)
      for (;;) {
        const sql = `DELETE FROM ${String(name)} WHERE shop = ? LIMIT ${ROWS}`;
        const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(sql, [shop]);
        if (affectedRows < ROWS) break;
      }
    await this.pool.execute('DELETE FROM shops WHERE id = ?', [shop]);
  }

  /** Looks now and then, until it is told to end. */
  byAndBy(told: (problem: unknown) => void): () => void {
    const look = (): void =>
      void this.due()
        .then(() => this.dueShops())
        .catch(told);
    const [first, timer] = [setTimeout(look, SOON).unref(), setInterval(look, LOOK).unref()];
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }
}

/** False where it was brought back meanwhile. */
async function erase(connection: PoolConnection, job: string, before: Date): Promise<boolean> {
  const [[due]] = await connection.execute<RowDataPacket[]>(
    'SELECT id FROM jobs WHERE id = ? AND deleted_at < ? FOR UPDATE',
    [job, before],
  );
  if (!due) return false;
  // First, so that nobody settles them meanwhile: what is taken off the sums is then all there was.
  await connection.execute('DELETE FROM log_entries WHERE job_id = ?', [job]);
  await connection.execute(
    `UPDATE shop_sums s JOIN job_sums j ON j.shop = s.shop AND j.kind = s.kind AND j.about = s.about
     SET s.count = s.count - j.count, s.sum = s.sum - j.sum, s.squares = s.squares - j.squares WHERE j.job_id = ?`,
    [job],
  );
  for (const statement of OF_JOB) await connection.execute(statement, [job]);
  return true;
}
