import type { ShopId } from '../whose/shop';
import type { HabitTexts } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';

/** The table shop_habits: a row for each the shop has said. */
export class HabitRepository {
  constructor(private readonly pool: Pool) {}

  async read(shop: ShopId): Promise<HabitTexts> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      'SELECT name, length FROM shop_habits WHERE shop = ? ORDER BY name',
      [shop],
    );
    return Object.fromEntries(rows.map((row) => [String(row['name']), String(row['length'])]));
  }

  /** Those given, an empty one taken out; the others stay as they are. */
  async keep(shop: ShopId, habits: HabitTexts): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      for (const [name, length] of Object.entries(habits) as [string, string | undefined][]) {
        if (length === undefined) continue;
        if (length === '')
          await connection.execute('DELETE FROM shop_habits WHERE shop = ? AND name = ?', [shop, name]);
        else
          await connection.execute(
            `INSERT INTO shop_habits (shop, name, length, updated_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
             ON DUPLICATE KEY UPDATE length = VALUES(length), updated_at = VALUES(updated_at)`,
            [shop, name, length],
          );
      }
    });
  }
}
