import type { BookPrice } from '@zabble/contract';
import type { ShopCosting } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { fromJson } from '../db/from-json';
import type { ShopId } from '../whose/shop';

interface PriceRow extends RowDataPacket {
  price_key: string;
  unit: string;
  pack: string;
  cents: number;
  supplier: string | null;
  priced_on: string | null;
}

interface CostingRow extends RowDataPacket {
  settings: ShopCosting | string;
  revision: number;
}

/** A shop has no more prices than this. */
const MOST = 20_000;

/** The tables price_book and costing. */
export class CostingRepository {
  constructor(private readonly pool: Pool) {}

  async prices(shop: ShopId): Promise<readonly BookPrice[]> {
    const [rows] = await this.pool.execute<PriceRow[]>(
      `SELECT price_key, unit, pack, cents, supplier, DATE_FORMAT(priced_on, '%Y-%m-%d') AS priced_on
       FROM price_book WHERE shop = ? ORDER BY price_key LIMIT ${MOST}`,
      [shop],
    );
    return rows.map(({ price_key, unit, pack, cents, supplier, priced_on }) => ({
      ...{ key: price_key, unit, pack: Number(pack), cents: Number(cents) },
      ...(supplier === null ? {} : { supplier }),
      ...(priced_on === null ? {} : { date: priced_on }),
    }));
  }

  /** All of them or none, each in place of the one of its key. */
  async keep(shop: ShopId, prices: readonly BookPrice[]): Promise<void> {
    const rows = prices.map(({ key, unit, pack, cents, supplier = null, date = null }) => [
      ...[shop, key, unit, pack, cents],
      ...[supplier, date],
    ]);
    await this.pool.query(
      'REPLACE INTO price_book (shop, price_key, unit, pack, cents, supplier, priced_on) VALUES ?',
      [rows],
    );
  }

  async drop(shop: ShopId, keys: readonly string[]): Promise<void> {
    await this.pool.query('DELETE FROM price_book WHERE shop = ? AND price_key IN (?)', [shop, keys]);
  }

  async settings(shop: ShopId): Promise<{ readonly settings: ShopCosting; readonly revision: number }> {
    const [[row]] = await this.pool.execute<CostingRow[]>('SELECT settings, revision FROM costing WHERE shop = ?', [
      shop,
    ]);
    if (!row) return { settings: {}, revision: 0 };
    const { settings, revision } = row;
    return { settings: fromJson(settings), revision };
  }

  /** False, and nothing is changed, where it no longer stands at `revision`. */
  async keepSettings(shop: ShopId, settings: ShopCosting, revision: number): Promise<boolean> {
    const text = JSON.stringify(settings);
    const [{ affectedRows }] =
      revision === 0
        ? await this.pool.execute<ResultSetHeader>(
            'INSERT IGNORE INTO costing (shop, settings, revision) VALUES (?, ?, 1)',
            [shop, text],
          )
        : await this.pool.execute<ResultSetHeader>(
            'UPDATE costing SET settings = ?, revision = revision + 1 WHERE shop = ? AND revision = ?',
            [text, shop, revision],
          );
    return affectedRows === 1;
  }
}
