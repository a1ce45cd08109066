import type { ShopId } from '../whose/shop';
import { randomUUID } from 'node:crypto';
import type { RowConflict, ShopRow, ShopRowList } from '@zabble/contract';
import { said, type JobError } from '@zabble/core';
import { problemOf, refuse, Refusal, unreadable } from '../http/refusal';
import type { ShopRepository } from './repository';

interface Named {
  readonly name?: string;
}
type RowReading<T> =
  | { readonly ok: true; readonly row: T }
  | { readonly ok: false; readonly errors: readonly JobError[] };

/** One of the lists a shop keeps across jobs: rows that can be read, one to a name. */
export class ShopRowService<T extends Named> {
  constructor(
    private readonly rows: ShopRepository<T>,
    private readonly read: (value: unknown) => RowReading<T>,
    private readonly what: 'slide' | 'material' | 'supplier' | 'customer',
  ) {}

  async list(shop: ShopId): Promise<ShopRowList<T>> {
    return { items: await this.rows.list(shop) };
  }

  /**
   * One that stands under the same name at `revision` is replaced; another one is not, and is told. What stands there as
   * it is to be is done already.
   */
  async keep(shop: ShopId, value: unknown, revision?: number): Promise<ShopRow<T>> {
    const reading = this.read(value);
    if (!reading.ok) throw unreadable(this.what, reading.errors);
    const name = reading.row.name?.trim();
    if (!name) throw refuse(422, said('no-name', { what: this.what }));
    const row = await this.rows.keep(shop, { id: randomUUID(), name, row: reading.row, revision });
    // One that was to be replaced is gone: what is to be kept has its place for itself.
    if (!row) return this.keep(shop, value);
    if (JSON.stringify(row.row) === JSON.stringify(reading.row)) return row;
    const conflict: RowConflict = { ...problemOf(409, said('row-changed', { what: this.what, name })), row };
    throw new Refusal(conflict);
  }

  async delete(shop: ShopId, id: string, revision?: number): Promise<void> {
    const outcome = await this.rows.delete(shop, id, revision);
    if (outcome === 'unknown') throw refuse(404, said('not-in-shop', { what: this.what }));
    if (outcome === 'changed') throw refuse(409, said('row-changed-since', { what: this.what }));
  }
}
