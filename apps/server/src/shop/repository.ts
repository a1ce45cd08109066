import type { ShopId } from '../whose/shop';
import type { ShopRow } from '@zabble/contract';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';

interface KeptRow extends RowDataPacket {
  id: string;
  kept: string;
  updated_at: Date;
}

/** The tables of what a shop keeps under a name, and the column that holds it. */
const TABLES = {
  slides: { table: 'shop_slides', column: 'slide' },
  materials: { table: 'shop_materials', column: 'material' },
} as const;

/** One of the shop's lists: one row to a name. */
export class ShopRepository<T> {
  private readonly table: string;
  private readonly column: string;
  private readonly columns: string;

  constructor(
    private readonly pool: Pool,
    list: keyof typeof TABLES,
  ) {
    ({ table: this.table, column: this.column } = TABLES[list]);
    this.columns = `id, ${this.column} AS kept, updated_at`;
  }

  async list(shop: ShopId): Promise<readonly ShopRow<T>[]> {
    const [rows] = await this.pool.execute<KeptRow[]>(
      `SELECT ${this.columns} FROM ${this.table} WHERE shop = ? ORDER BY name, id`,
      [shop],
    );
    return rows.map((each) => this.toRow(each));
  }

  /** Keeps the row; one kept under the same name before is replaced and keeps its id. */
  async keep(shop: ShopId, id: string, name: string, row: T): Promise<ShopRow<T> | undefined> {
    await this.pool.execute(
      `INSERT INTO ${this.table} (shop, id, name, ${this.column}, updated_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE ${this.column} = VALUES(${this.column}), updated_at = VALUES(updated_at)`,
      [shop, id, name, JSON.stringify(row)],
    );
    const [rows] = await this.pool.execute<KeptRow[]>(
      `SELECT ${this.columns} FROM ${this.table} WHERE shop = ? AND name = ?`,
      [shop, name],
    );
    return rows[0] && this.toRow(rows[0]);
  }

  /** True when there was such a row. */
  async delete(shop: ShopId, id: string): Promise<boolean> {
    const [result] = await this.pool.execute<ResultSetHeader>(`DELETE FROM ${this.table} WHERE shop = ? AND id = ?`, [
      shop,
      id,
    ]);
    return result.affectedRows === 1;
  }

  private toRow({ id, kept, updated_at }: KeptRow): ShopRow<T> {
    return { id, row: JSON.parse(kept) as T, updatedAt: updated_at.toISOString() };
  }
}
