import type { Booking, BookingList, StockList, Taking } from '@zabble/contract';
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

  async list(): Promise<StockList> {
    return { items: await this.stock.list() };
  }

  async add(items: readonly object[]): Promise<StockList> {
    await this.stock.add(items.map(readItem));
    return this.list();
  }

  async keep(id: string, item: object): Promise<StockList> {
    await this.stock.keep(id, readItem(item));
    return this.list();
  }

  async delete(id: string): Promise<StockList> {
    if (!(await this.stock.delete(id))) throw refuse(404, said('not-in-rack'));
    return this.list();
  }

  async bookings(job: string): Promise<BookingList> {
    return { items: await this.stock.bookings(job) };
  }

  /** All or nothing; the same id again changes nothing. */
  async book({ brought, ...wish }: LayoutWish): Promise<StockList> {
    const outcome = await this.stock.book({ ...wish, brought: brought.map(readItem) });
    if (!outcome.booked) throw refuse(409, said('rack-too-small', { has: outcome.has, takes: outcome.takes }));
    return this.list();
  }

  async undo(id: string): Promise<StockList> {
    const outcome = await this.stock.undo(id);
    if (outcome === 'unknown') throw refuse(404, said('no-booking'));
    if (outcome === 'used') throw refuse(409, said('off-cut-used'));
    return this.list();
  }
}

function readItem(value: object): Item {
  const reading = readStockItem(value);
  if (reading.ok) return value as Item;
  throw unreadable('stock', reading.errors);
}
