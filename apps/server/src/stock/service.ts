import type { ShopId } from '../whose/shop';
import type { Booking, BookingList, StockList, Taking } from '@zabble/contract';
import { isDeepStrictEqual } from 'node:util';
import { readStockItem, said, type StockItemOf } from '@zabble/core';
import { refuse, unreadable } from '../http/refusal';
import type { StockRepository } from './repository';

type Item = StockItemOf<string>;

/** A layout as it is to be booked: off-cuts are read before anything is taken. */
interface LayoutWish extends Pick<Booking, 'id' | 'material'> {
  readonly job: string;
  readonly taken: readonly Taking[];
  readonly brought: readonly object[];
}

/** The rack, and what layouts took from it and left there. Every change is answered with the rack as it is then. */
export class StockService {
  constructor(private readonly stock: StockRepository) {}

  async list(shop: ShopId): Promise<StockList> {
    return { items: await this.stock.list(shop) };
  }

  async add(shop: ShopId, items: readonly object[]): Promise<StockList> {
    await this.stock.add(shop, items.map(readItem));
    return this.list(shop);
  }

  /** A new item, or one in place of that of a revision; one changed elsewhere since is not overwritten. */
  async keep(shop: ShopId, id: string, item: object, revision?: number): Promise<StockList> {
    const wished = readItem(item);
    const stands = await this.stock.keep(shop, id, wished, revision);
    if (!stands) throw refuse(404, said('not-in-rack'));
    if (!isSame(stands, wished)) throw refuse(409, said('row-changed-since', { what: 'item' }));
    return this.list(shop);
  }

  /** So many more or fewer: what two people count at once both counts. */
  async change(shop: ShopId, id: string, by: number): Promise<StockList> {
    if (!(await this.stock.change(shop, id, by))) throw refuse(404, said('not-in-rack'));
    return this.list(shop);
  }

  async delete(shop: ShopId, id: string, revision?: number): Promise<StockList> {
    const outcome = await this.stock.delete(shop, id, revision);
    if (outcome === 'unknown') throw refuse(404, said('not-in-rack'));
    if (outcome === 'changed') throw refuse(409, said('row-changed-since', { what: 'item' }));
    return this.list(shop);
  }

  async bookings(shop: ShopId, job: string): Promise<BookingList> {
    return { items: await this.stock.bookings(shop, job) };
  }

  /** All or nothing; the same id again changes nothing. */
  async book(shop: ShopId, { brought, ...wish }: LayoutWish): Promise<StockList> {
    const outcome = await this.stock.book(shop, { ...wish, brought: brought.map(readItem) });
    if (!outcome.booked && outcome.why === 'no-job') throw refuse(404, said('no-such-job'));
    if (!outcome.booked) throw refuse(409, said('rack-too-small', { has: outcome.has, takes: outcome.takes }));
    return this.list(shop);
  }

  async undo(shop: ShopId, id: string): Promise<StockList> {
    const outcome = await this.stock.undo(shop, id);
    if (outcome === 'unknown') throw refuse(404, said('no-booking'));
    if (outcome === 'used') throw refuse(409, said('off-cut-used'));
    return this.list(shop);
  }
}

/** The same fields with the same values. */
function isSame(one: Item, other: Item): boolean {
  return isDeepStrictEqual({ ...one }, { ...other });
}

function readItem(value: object): Item {
  const reading = readStockItem(value);
  if (reading.ok) return value as Item;
  throw unreadable('stock', reading.errors);
}
