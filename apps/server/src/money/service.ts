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

  /** Only a currency there is (ISO 4217), in place of the one it `was`. */
  async keep(shop: ShopId, wished: ShopMoney, was?: string | null): Promise<ShopMoney> {
    if (wished.currency !== null && !Intl.supportedValuesOf('currency').includes(wished.currency))
      throw refuse(422, said('no-currency', { read: wished.currency }));
    if (!(await this.money.keep(shop, wished, was))) throw refuse(409, said('money-changed'));
    return { currency: wished.currency };
  }
}
