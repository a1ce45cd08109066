import type { ShopId } from '../whose/shop';
import type { HabitTexts } from '@zabble/contract';
import type { HabitName } from '@zabble/core';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { inTransaction, RolledBack } from '../db/transaction';

/** How the shop's habits stand now; or the one that stands otherwise than it did for whoever changes it. */
export type HabitsKept =
  | { readonly kept: true; readonly habits: HabitTexts }
  | { readonly kept: false; readonly habit: HabitName; readonly stands: string };

/** The table shop_habits: a row for each the shop has said. */
export class HabitRepository {
  constructor(private readonly pool: Pool) {}

  read(shop: ShopId): Promise<HabitTexts> {
    return read(this.pool, shop);
  }

  /**
   * Those given, an empty one taken out; the others stay as they are. Answers how they stand then; or, where one of them
   * no longer stands as it `was` (if that is said), how that one stands, and nothing is changed.
   */
  async keep(shop: ShopId, habits: HabitTexts, was?: HabitTexts): Promise<HabitsKept> {
    return inTransaction(this.pool, async (connection): Promise<HabitsKept> => {
      // One at a time for a shop, those not yet said included.
      await connection.execute('SELECT id FROM shops WHERE id = ? FOR UPDATE', [shop]);
      const stands = await read(connection, shop);
      for (const [name, length] of Object.entries(habits) as [HabitName, string | undefined][]) {
        if (length === undefined) continue;
        const now = stands[name] ?? '';
        if (was && now !== (was[name] ?? '') && now !== length)
          throw new RolledBack<HabitsKept>({ kept: false, habit: name, stands: now });
        if (length === '')
          await connection.execute('DELETE FROM shop_habits WHERE shop = ? AND name = ?', [shop, name]);
        else
          await connection.execute(
            `INSERT INTO shop_habits (shop, name, length, updated_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
             ON DUPLICATE KEY UPDATE length = VALUES(length), updated_at = VALUES(updated_at)`,
            [shop, name, length],
          );
      }
      return { kept: true, habits: await read(connection, shop) };
    });
  }
}

async function read(on: Pool | PoolConnection, shop: ShopId): Promise<HabitTexts> {
  const [rows] = await on.execute<RowDataPacket[]>(
    'SELECT name, length FROM shop_habits WHERE shop = ? ORDER BY name',
    [shop],
  );
  return Object.fromEntries(rows.map((row) => [String(row['name']), String(row['length'])]));
}
