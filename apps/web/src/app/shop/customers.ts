import { Injectable } from '@angular/core';
import type { ShopRow } from '@zabble/contract';
import type { Customer } from '@zabble/core';
import { ShopRows } from './shop-rows';

/** The book of customers, one row to a name. */
@Injectable({ providedIn: 'root' })
export class Customers extends ShopRows<Customer> {
  protected override list() {
    return this.api.customers();
  }

  protected override put(row: Customer) {
    return this.api.keepCustomer(row);
  }

  protected override remove(row: ShopRow<Customer>) {
    return this.api.deleteCustomer(row);
  }
}
