import type { ShopId } from '../whose/shop';
import type { PriceList } from '@zabble/contract';
import type { PriceRepository } from './repository';
import type { Supplier } from './simulated-supplier';

/** The supplier's list as last asked for. */
export class PriceService {
  constructor(
    private readonly prices: PriceRepository,
    private readonly supplier: Supplier,
  ) {}

  async list(shop: ShopId): Promise<PriceList> {
    return { items: await this.prices.list(shop), simulated: true };
  }

  /** Asks the supplier again. */
  async refresh(shop: ShopId): Promise<PriceList> {
    await this.prices.replace(shop, await this.supplier());
    return this.list(shop);
  }
}
