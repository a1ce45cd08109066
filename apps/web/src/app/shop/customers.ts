import { inject, Injectable, signal } from '@angular/core';
import type { ShopRow } from '@zabble/contract';
import type { Customer } from '@zabble/core';
import { asking, keepingSaid } from '../server-api/asking';
import { ShopApi } from '../server-api/shop-api';

/** The book of customers, one row to a name. */
@Injectable({ providedIn: 'root' })
export class Customers {
  private readonly api = inject(ShopApi);
  readonly says = signal('');
  readonly kept = signal<readonly ShopRow<Customer>[]>([]);
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));

  constructor() {
    this.look();
  }

  keep(row: Customer): void {
    this.ask(this.api.keepCustomer(row), () => this.look());
  }

  drop(row: ShopRow<Customer>): void {
    this.ask(
      this.api.deleteCustomer(row),
      () => this.look(),
      () => this.look(),
    );
  }

  private look(): void {
    this.lookAgain(this.api.customers(), ({ items }) => this.kept.set(items));
  }
}
