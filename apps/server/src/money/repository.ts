import type { ShopMoney } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

/** What a shop has said about its money, in the table shops. */
export class MoneyRepository {
  constructor(private readonly pool: Pool) {}

  async read(shop: ShopId): Promise<ShopMoney> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT currency FROM shops WHERE id = ?', [shop]);
    return { currency: (row?.['currency'] as string | null | undefined) ?? null };
  }

  async keep(shop: ShopId, { currency }: ShopMoney): Promise<void> {
    await this.pool.execute('UPDATE shops SET currency = ? WHERE id = ?', [currency, shop]);
  }
}
