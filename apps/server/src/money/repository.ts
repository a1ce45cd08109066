import type { ShopMoney } from '@zabble/contract';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

/** What a shop has said about its money, in the table shops. */
export class MoneyRepository {
  constructor(private readonly pool: Pool) {}

  async read(shop: ShopId): Promise<ShopMoney> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT currency FROM shops WHERE id = ?', [shop]);
    return { currency: (row?.['currency'] as string | null | undefined) ?? null };
  }

  /** False, and nothing is changed, where it is neither as it `was` nor as it is to be. */
  async keep(shop: ShopId, { currency }: ShopMoney, was?: string | null): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'UPDATE shops SET currency = ? WHERE id = ? AND (? OR currency <=> ? OR currency <=> ?)',
      [currency, shop, was === undefined, was ?? null, currency],
    );
    return affectedRows === 1;
  }
}
