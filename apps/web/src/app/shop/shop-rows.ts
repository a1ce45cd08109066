import { inject, signal } from '@angular/core';
import type { ShopRow, ShopRowList } from '@zabble/contract';
import type { Observable } from 'rxjs';
import { asking, keepingSaid } from '../server-api/asking';
import { ShopApi } from '../server-api/shop-api';

/** A list the shop keeps, one row to a name: as the server has it after every change, and after one that failed. */
export abstract class ShopRows<T> {
  protected readonly api = inject(ShopApi);
  readonly says = signal('');
  readonly kept = signal<readonly ShopRow<T>[]>([]);
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));

  constructor() {
    this.look();
  }

  keep(row: T): void {
    this.ask(this.put(row), () => this.look());
  }

  drop(row: ShopRow<T>): void {
    this.ask(
      this.remove(row),
      () => this.look(),
      () => this.look(),
    );
  }

  protected abstract list(): Observable<ShopRowList<T>>;
  protected abstract put(row: T): Observable<unknown>;
  protected abstract remove(row: ShopRow<T>): Observable<unknown>;

  private look(): void {
    this.lookAgain(this.list(), ({ items }) => this.kept.set(items));
  }
}
