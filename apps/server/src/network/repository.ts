import type { LetInDevice } from '@zabble/contract';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

/** Whether a shop lets its network in, and by which of its addresses it is to be called there. */
export interface NetworkWish {
  readonly open: boolean;
  readonly address: string | null;
}

/** A device whose pass is good, and whose it is. */
export interface PassHolder {
  readonly id: string;
  readonly shop: ShopId;
}

/** The tables networks and devices. */
export class NetworkRepository {
  constructor(private readonly pool: Pool) {}

  async wish(shop: ShopId): Promise<NetworkWish> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT open, address FROM networks WHERE shop = ?', [
      shop,
    ]);
    return { open: row?.['open'] === 1, address: (row?.['address'] as string | null | undefined) ?? null };
  }

  async keep(shop: ShopId, { open, address }: NetworkWish): Promise<void> {
    await this.pool.execute(
      `INSERT INTO networks (shop, open, address) VALUES (?, ?, ?)
       ON DUPLICATE KEY UPDATE open = VALUES(open), address = VALUES(address)`,
      [shop, open, address],
    );
  }

  async devices(shop: ShopId): Promise<readonly LetInDevice[]> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      'SELECT id, name, let_in_at, seen_at FROM devices WHERE shop = ? ORDER BY let_in_at, id',
      [shop],
    );
    return rows.map((row) => ({
      id: String(row['id']),
      name: String(row['name']),
      letInAt: (row['let_in_at'] as Date).toISOString(),
      seenAt: (row['seen_at'] as Date).toISOString(),
    }));
  }

  /** `pass` is what the pass is known again by: its SHA-256 in hexadecimal. */
  async add(shop: ShopId, { id, name, pass }: { id: string; name: string; pass: string }): Promise<void> {
    await this.pool.execute(
      `INSERT INTO devices (shop, id, name, pass, let_in_at, seen_at)
       VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
      [shop, id, name, pass],
    );
  }

  async holder(pass: string): Promise<PassHolder | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT id, shop FROM devices WHERE pass = ?', [pass]);
    return row && { id: String(row['id']), shop: String(row['shop']) as ShopId };
  }

  async seen(id: string): Promise<void> {
    await this.pool.execute('UPDATE devices SET seen_at = UTC_TIMESTAMP(3) WHERE id = ?', [id]);
  }

  /** False where there is none. */
  async withdraw(shop: ShopId, id: string): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'DELETE FROM devices WHERE shop = ? AND id = ?',
      [shop, id],
    );
    return affectedRows === 1;
  }
}
