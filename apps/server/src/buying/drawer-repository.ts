import type { DrawerRow, LaidAside, LayAside } from '@zabble/contract';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { inTransaction, RolledBack } from '../db/transaction';
import type { ShopId } from '../whose/shop';
import { bumped } from './revision';

interface Row extends RowDataPacket {
  price_key: string;
  what: string;
  unit: string;
  count: string;
}

interface AsideRow extends RowDataPacket {
  id: string;
  job_id: string;
  price_key: string;
  count: string;
  at: Date;
}

/** What is not in the drawer in that number, and nothing was laid aside. */
export interface TooFew {
  readonly key: string;
  readonly has: number;
  readonly takes: number;
}

type Wish = Pick<LayAside, 'id' | 'of'>;

/** The tables hardware_drawer and laid_aside. */
export class DrawerRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId): Promise<readonly DrawerRow[]> {
    const [rows] = await this.pool.execute<Row[]>(
      'SELECT price_key, what, unit, count FROM hardware_drawer WHERE shop = ? AND count > 0 ORDER BY price_key LIMIT 20000',
      [shop],
    );
    return rows.map(({ price_key, count, what, unit }) => ({ key: price_key, what, unit, count: Number(count) }));
  }

  async aside(shop: ShopId): Promise<readonly LaidAside[]> {
    const [rows] = await this.pool.execute<AsideRow[]>(
      'SELECT id, job_id, price_key, count, at FROM laid_aside WHERE shop = ? ORDER BY at DESC, id, price_key LIMIT 20000',
      [shop],
    );
    return rows.map(({ id, job_id, price_key, count, at }) => ({
      ...{ id, job: job_id, key: price_key, count: Number(count), at: at.toISOString() },
    }));
  }

  /** Counted: the count that stands then, which is another where `was` is no longer so and nothing was changed. */
  async count(shop: ShopId, { key, what, unit, count }: DrawerRow, was: number): Promise<number> {
    return inTransaction(this.pool, async (connection) => {
      const has = await locked(connection, shop, key);
      if (has !== was && has !== count) return has;
      await put(connection, shop, { key, what, unit, count });
      return count;
    });
  }

  /** All of it or nothing: what there is too little of. The same id again changes nothing. */
  async layAside(shop: ShopId, { id, of }: Wish): Promise<TooFew | undefined> {
    return inTransaction<TooFew | undefined>(this.pool, async (connection) => {
      const [[known]] = await connection.execute<RowDataPacket[]>(
        'SELECT id FROM laid_aside WHERE shop = ? AND id = ? LIMIT 1 FOR UPDATE',
        [shop, id],
      );
      if (known) return undefined;
      for (const { job, key, count } of of) {
        await connection.execute(
          `INSERT INTO laid_aside (shop, id, job_id, price_key, count, at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3))
           ON DUPLICATE KEY UPDATE count = laid_aside.count + VALUES(count)`,
          [shop, id, job, key, count],
        );
        const has = await locked(connection, shop, key);
        if (has < count) throw new RolledBack<TooFew>({ key, has, takes: count });
        await connection.execute('UPDATE hardware_drawer SET count = count - ? WHERE shop = ? AND price_key = ?', [
          count,
          shop,
          key,
        ]);
      }
      await bumped(connection, shop);
      return undefined;
    });
  }

  /** Into the drawer again; again it changes nothing. */
  async putBack(shop: ShopId, id: string): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.execute(
        `UPDATE hardware_drawer d JOIN (SELECT price_key, SUM(count) AS count FROM laid_aside WHERE shop = ? AND id = ?
           GROUP BY price_key) a ON a.price_key = d.price_key SET d.count = d.count + a.count WHERE d.shop = ?`,
        [shop, id, shop],
      );
      await connection.execute('DELETE FROM laid_aside WHERE shop = ? AND id = ?', [shop, id]);
      await bumped(connection, shop);
    });
  }
}

/** How many there are; nobody else changes it until the transaction ends. */
async function locked(connection: PoolConnection, shop: ShopId, key: string): Promise<number> {
  const [[row]] = await connection.execute<Row[]>(
    'SELECT price_key, what, unit, count FROM hardware_drawer WHERE shop = ? AND price_key = ? FOR UPDATE',
    [shop, key],
  );
  return Number(row?.count ?? 0);
}

async function put(connection: PoolConnection, shop: ShopId, { key, what, unit, count }: DrawerRow): Promise<void> {
  await connection.execute(
    `INSERT INTO hardware_drawer (shop, price_key, what, unit, count) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE what = VALUES(what), unit = VALUES(unit), count = VALUES(count)`,
    [shop, key, what, unit, count],
  );
}
