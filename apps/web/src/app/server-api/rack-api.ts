import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { BookingList, PriceList, StockList } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { StockItemOf } from '@zabble/core';
import type { Observable } from 'rxjs';

/** A layout that was cut, for the rack. */
export interface Booked {
  readonly id: string;
  readonly job: string;
  readonly material: string;
  readonly taken: readonly { readonly stock: string; readonly count: number }[];
  readonly brought: readonly StockItemOf<string>[];
}

/** The shop's rack on the server: stock, bookings, the supplier's prices. */
@Injectable({ providedIn: 'root' })
export class RackApi {
  private readonly http = inject(HttpClient);

  stock(): Observable<StockList> {
    return this.http.get<StockList>(ROUTES.stock);
  }

  /** A new item. */
  keep(id: string, item: StockItemOf<string>): Observable<StockList> {
    return this.http.put<StockList>(ROUTES.stockItem(id), { item });
  }

  change(id: string, by: number): Observable<StockList> {
    return this.http.post<StockList>(ROUTES.stockCount(id), { by });
  }

  add(items: readonly StockItemOf<string>[]): Observable<StockList> {
    return this.http.post<StockList>(ROUTES.addStock, { items });
  }

  bookings(job: string): Observable<BookingList> {
    return this.http.get<BookingList>(ROUTES.bookings, { params: { job } });
  }

  book(booked: Booked): Observable<StockList> {
    return this.http.post<StockList>(ROUTES.bookings, booked);
  }

  undo(id: string): Observable<StockList> {
    return this.http.post<StockList>(ROUTES.undoBooking(id), {});
  }

  prices(): Observable<PriceList> {
    return this.http.get<PriceList>(ROUTES.prices);
  }

  refreshPrices(): Observable<PriceList> {
    return this.http.post<PriceList>(ROUTES.refreshPrices, {});
  }
}
