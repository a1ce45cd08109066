import { computed, inject, Injectable, signal } from '@angular/core';
import type { ShopRow } from '@zabble/contract';
import type { Supplier } from '@zabble/core';
import { asking, keepingSaid } from '../server-api/asking';
import { ShopApi } from '../server-api/shop-api';

/** Who sells to the shop, one row to a name. */
@Injectable({ providedIn: 'root' })
export class Suppliers {
  private readonly api = inject(ShopApi);
  readonly says = signal('');
  readonly kept = signal<readonly ShopRow<Supplier>[]>([]);
  readonly rows = computed(() => this.kept().map(({ row }) => row));
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));

  constructor() {
    this.look();
  }

  keep(row: Supplier): void {
    this.ask(this.api.keepSupplier(row), () => this.look());
  }

  drop(row: ShopRow<Supplier>): void {
    this.ask(
      this.api.deleteSupplier(row),
      () => this.look(),
      () => this.look(),
    );
  }

  private look(): void {
    this.lookAgain(this.api.suppliers(), ({ items }) => this.kept.set(items));
  }
}
