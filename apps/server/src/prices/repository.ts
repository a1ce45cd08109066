import type { ShopId } from '../whose/shop';
import type { SupplierPrice } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';

interface PriceRow extends RowDataPacket {
  name: string;
  kind: SupplierPrice['kind'];
  length: string;
  width: string;
  thickness: string;
  price: string;
  priced_on: string;
}

/** The table supplier_prices: the list as it was last asked for. */
export class PriceRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId): Promise<readonly SupplierPrice[]> {
    const [rows] = await this.pool.execute<PriceRow[]>(
      `SELECT name, kind, length, width, thickness, price, DATE_FORMAT(priced_on, '%Y-%m-%d') AS priced_on
       FROM supplier_prices WHERE shop = ? ORDER BY kind DESC, name`,
      [shop],
    );
    return rows.map(({ priced_on, price, name, kind, length, width, thickness }) => ({
      name,
      kind,
      length,
      width,
      thickness,
      price: Number(price),
      pricedOn: priced_on,
    }));
  }

  async replace(shop: ShopId, prices: readonly SupplierPrice[]): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.execute('DELETE FROM supplier_prices WHERE shop = ?', [shop]);
      for (const { name, kind, length, width, thickness, price, pricedOn } of prices)
        await connection.execute(
          `INSERT INTO supplier_prices (shop, name, kind, length, width, thickness, price, priced_on)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
          [shop, name, kind, length, width, thickness, price, pricedOn],
        );
    });
  }
}
