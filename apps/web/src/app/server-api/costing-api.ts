import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { BookPrice, CostingKept, LearnedByShop } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Learned, ShopCosting } from '@zabble/core';
import type { Observable } from 'rxjs';

/** What the shop’s prices are made with: its price book, and what it says of all prices. */
@Injectable({ providedIn: 'root' })
export class CostingApi {
  private readonly http = inject(HttpClient);

  read(): Observable<CostingKept> {
    return this.http.get<CostingKept>(ROUTES.costing);
  }

  /** Only in place of what stood at `revision`. */
  say(settings: ShopCosting, revision: number): Observable<CostingKept> {
    return this.http.put<CostingKept>(ROUTES.costing, { settings, revision });
  }

  /** What the shop’s jobs taught so far. */
  learned(): Observable<LearnedByShop> {
    return this.http.get<LearnedByShop>(ROUTES.learned);
  }

  settle(job: string, learned: Learned): Observable<LearnedByShop> {
    return this.http.put<LearnedByShop>(ROUTES.settled(job), learned);
  }

  keep(prices: readonly BookPrice[]): Observable<CostingKept> {
    return this.http.put<CostingKept>(ROUTES.costingPrices, { prices });
  }

  drop(keys: readonly string[]): Observable<CostingKept> {
    return this.http.post<CostingKept>(ROUTES.costingDropped, { keys });
  }
}
