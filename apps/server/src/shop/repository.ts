import type { ShopId } from '../whose/shop';
import type { ShopRow } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { deleteAt, type Deleted } from '../db/delete-at';
import { inTransaction } from '../db/transaction';

interface KeptRow extends RowDataPacket {
  id: string;
  kept: string;
  revision: number;
  updated_at: Date;
}

/** The tables of what a shop keeps under a name, and the column that holds it. */
const TABLES = {
  slides: { table: 'shop_slides', column: 'slide' },
  materials: { table: 'shop_materials', column: 'material' },
  suppliers: { table: 'shop_suppliers', column: 'supplier' },
  customers: { table: 'shop_customers', column: 'customer' },
} as const;

/** A row for its name: `id` where it is new. */
interface RowToKeep<T> {
  readonly id: string;
  readonly name: string;
  readonly row: T;
  readonly revision: number | undefined;
}

/** One of the shop's lists: one row to a name. */
export class ShopRepository<T> {
  private readonly table: (typeof TABLES)[keyof typeof TABLES]['table'];
  private readonly column: string;
  private readonly columns: string;

  constructor(
    private readonly pool: Pool,
    list: keyof typeof TABLES,
  ) {
    ({ table: this.table, column: this.column } = TABLES[list]);
    this.columns = `id, ${this.column} AS kept, revision, updated_at`;
  }

  async list(shop: ShopId): Promise<readonly ShopRow<T>[]> {
    const [rows] = await this.pool.execute<KeptRow[]>(
      `SELECT ${this.columns} FROM ${this.table} WHERE shop = ? ORDER BY name, id`,
      [shop],
    );
    return rows.map((each) => this.toRow(each));
  }

  /**
   * Keeps the row in place of the one under its name that stands at `revision`, or, without one, where there is none.
   * Answers how it stands then; nothing is changed where it stands otherwise.
   */
  async keep(shop: ShopId, { id, name, row, revision }: RowToKeep<T>): Promise<ShopRow<T> | undefined> {
    return inTransaction(this.pool, async (connection) => {
      const kept = JSON.stringify(row);
      if (revision === undefined)
        await connection.execute(
          `INSERT INTO ${this.table} (shop, id, name, ${this.column}, updated_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))
           ON DUPLICATE KEY UPDATE id = id`,
          [shop, id, name, kept],
        );
      else
        await connection.execute(
          `UPDATE ${this.table} SET ${this.column} = ?, revision = revision + 1, updated_at = UTC_TIMESTAMP(3)
           WHERE shop = ? AND name = ? AND revision = ?`,
          [kept, shop, name, revision],
        );
      const [rows] = await connection.execute<KeptRow[]>(
        `SELECT ${this.columns} FROM ${this.table} WHERE shop = ? AND name = ?`,
        [shop, name],
      );
      return rows[0] && this.toRow(rows[0]);
    });
  }

  /** Gone; of another revision than the one that was to go; or there is none. */
  async delete(shop: ShopId, id: string, revision?: number): Promise<Deleted> {
    return deleteAt(this.pool, this.table, { shop, id, revision });
  }

  private toRow({ id, kept, revision, updated_at }: KeptRow): ShopRow<T> {
    return { id, row: JSON.parse(kept) as T, revision, updatedAt: updated_at.toISOString() };
  }
}
