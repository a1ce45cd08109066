import { computed, Injectable } from '@angular/core';
import type { ShopRow } from '@zabble/contract';
import type { Supplier } from '@zabble/core';
import { ShopRows } from './shop-rows';

/** Who sells to the shop, one row to a name. */
@Injectable({ providedIn: 'root' })
export class Suppliers extends ShopRows<Supplier> {
  readonly rows = computed(() => this.kept().map(({ row }) => row));

  protected override list() {
    return this.api.suppliers();
  }

  protected override put(row: Supplier) {
    return this.api.keepSupplier(row);
  }

  protected override remove(row: ShopRow<Supplier>) {
    return this.api.deleteSupplier(row);
  }
}
