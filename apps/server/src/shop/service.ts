import type { ShopId } from '../whose/shop';
import { randomUUID } from 'node:crypto';
import type { ShopRow, ShopRowList } from '@zabble/contract';
import { said, type JobError } from '@zabble/core';
import { refuse, unreadable } from '../http/refusal';
import type { ShopRepository } from './repository';

interface Named {
  readonly name?: string;
}
type RowReading<T> =
  { readonly ok: true; readonly row: T } | { readonly ok: false; readonly errors: readonly JobError[] };

/** One of the lists a shop keeps across jobs: rows that can be read, one to a name. */
export class ShopRowService<T extends Named> {
  constructor(
    private readonly rows: ShopRepository<T>,
    private readonly read: (value: unknown) => RowReading<T>,
    private readonly what: 'slide' | 'material',
  ) {}

  async list(shop: ShopId): Promise<ShopRowList<T>> {
    return { items: await this.rows.list(shop) };
  }

  /** One kept under the same name before is replaced. */
  async keep(shop: ShopId, value: unknown): Promise<ShopRow<T> | undefined> {
    const reading = this.read(value);
    if (!reading.ok) throw unreadable(this.what, reading.errors);
    const name = reading.row.name?.trim();
    if (!name) throw refuse(422, said('no-name', { what: this.what }));
    return this.rows.keep(shop, randomUUID(), name, reading.row);
  }

  async delete(shop: ShopId, id: string): Promise<void> {
    if (!(await this.rows.delete(shop, id))) throw refuse(404, said('not-in-shop', { what: this.what }));
  }
}
