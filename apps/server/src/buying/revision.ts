import type { PoolConnection, Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

/** How often something was ordered or laid aside in a shop; 0 where nothing was yet. The table buying. */
export async function buyingRevision(pool: Pool, shop: ShopId): Promise<number> {
  const [[row]] = await pool.execute<RowDataPacket[]>('SELECT revision FROM buying WHERE shop = ?', [shop]);
  return Number(row?.['revision'] ?? 0);
}

/** One more. */
export async function bumped(connection: PoolConnection, shop: ShopId): Promise<void> {
  await connection.execute(
    'INSERT INTO buying (shop, revision) VALUES (?, 1) ON DUPLICATE KEY UPDATE revision = revision + 1',
    [shop],
  );
}

/** One more, only from `revision`; whether it was. Whoever else buys waits until the transaction ends. */
export async function bumpedFrom(connection: PoolConnection, shop: ShopId, revision: number): Promise<boolean> {
  // So that there is a row to wait for.
  await connection.execute(
    'INSERT INTO buying (shop, revision) VALUES (?, 0) ON DUPLICATE KEY UPDATE revision = revision',
    [shop],
  );
  const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
    'UPDATE buying SET revision = revision + 1 WHERE shop = ? AND revision = ?',
    [shop, revision],
  );
  return affectedRows === 1;
}
