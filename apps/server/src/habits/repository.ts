import type { HabitTexts } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';

/** The table shop_habits: a row for each the shop has said. */
export class HabitRepository {
  constructor(private readonly pool: Pool) {}

  async read(): Promise<HabitTexts> {
    const [rows] = await this.pool.query<RowDataPacket[]>('SELECT name, length FROM shop_habits ORDER BY name');
    return Object.fromEntries(rows.map((row) => [String(row['name']), String(row['length'])]));
  }

  /** These in place of all. */
  async keep(habits: HabitTexts): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.query('DELETE FROM shop_habits');
      for (const [name, length] of Object.entries(habits) as [string, string | undefined][])
        if (length !== undefined)
          await connection.execute(
            'INSERT INTO shop_habits (name, length, updated_at) VALUES (?, ?, UTC_TIMESTAMP(3))',
            [name, length],
          );
    });
  }
}
