import type { BookPrice, CostingKept } from '@zabble/contract';
import { readShopCosting, said } from '@zabble/core';
import { refuse, unreadable } from '../http/refusal';
import type { ShopId } from '../whose/shop';
import type { CostingRepository } from './repository';

/** What a shop's prices are made with: its price book, and what it says of all prices. */
export class CostingService {
  constructor(private readonly costing: CostingRepository) {}

  async read(shop: ShopId): Promise<CostingKept> {
    const [settings, prices] = await Promise.all([this.costing.settings(shop), this.costing.prices(shop)]);
    return { ...settings, prices };
  }

  /** In place of what stood at `revision`; another change in between is told (409) and nothing is overwritten. */
  async keepSettings(shop: ShopId, settings: object, revision: number): Promise<CostingKept> {
    const read = readShopCosting(settings);
    if (!read.ok) throw unreadable('prices', read.errors, 'kept');
    if (!(await this.costing.keepSettings(shop, read.costing, revision))) throw refuse(409, said('costing-changed'));
    return this.read(shop);
  }

  async keep(shop: ShopId, prices: readonly BookPrice[]): Promise<CostingKept> {
    await this.costing.keep(shop, prices);
    return this.read(shop);
  }

  async drop(shop: ShopId, keys: readonly string[]): Promise<CostingKept> {
    await this.costing.drop(shop, keys);
    return this.read(shop);
  }
}
