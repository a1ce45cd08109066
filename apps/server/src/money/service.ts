import type { ShopMoney } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { ShopId } from '../whose/shop';
import type { MoneyRepository } from './repository';

/** In what a shop's prices are. */
export class MoneyService {
  constructor(private readonly money: MoneyRepository) {}

  read(shop: ShopId): Promise<ShopMoney> {
    return this.money.read(shop);
  }

  /** Only a currency there is (ISO 4217). */
  async keep(shop: ShopId, wished: ShopMoney): Promise<ShopMoney> {
    if (wished.currency !== null && !Intl.supportedValuesOf('currency').includes(wished.currency))
      throw refuse(422, said('no-currency', { read: wished.currency }));
    await this.money.keep(shop, wished);
    return this.money.read(shop);
  }
}
