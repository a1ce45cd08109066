import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type {
  Arrived,
  BookPrice,
  BuyingKept,
  CountDrawer,
  LayAside,
  MakeOrder,
  OrderArrived,
  SupplierStandsAs,
  TurnSupplier,
} from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** What is had, ordered and arrived, and the supplier that is asked over the server. */
@Injectable({ providedIn: 'root' })
export class BuyingApi {
  private readonly http = inject(HttpClient);

  read(): Observable<BuyingKept> {
    return this.http.get<BuyingKept>(ROUTES.buying);
  }

  count(counted: CountDrawer): Observable<BuyingKept> {
    return this.http.put<BuyingKept>(ROUTES.drawer, counted);
  }

  layAside(wish: LayAside): Observable<Arrived> {
    return this.http.post<Arrived>(ROUTES.aside, wish);
  }

  putBack(id: string): Observable<BuyingKept> {
    return this.http.delete<BuyingKept>(ROUTES.putBack(id));
  }

  order(wish: MakeOrder): Observable<BuyingKept> {
    return this.http.post<BuyingKept>(ROUTES.orders, wish);
  }

  ask(id: string): Observable<BuyingKept> {
    return this.http.post<BuyingKept>(ROUTES.order(id, 'asked'), {});
  }

  callOff(id: string): Observable<BuyingKept> {
    return this.http.post<BuyingKept>(ROUTES.order(id, 'off'), {});
  }

  arrived(id: string, of: OrderArrived): Observable<Arrived> {
    return this.http.post<Arrived>(ROUTES.order(id, 'arrived'), of);
  }

  notArrived(id: string, of: OrderArrived): Observable<BuyingKept> {
    return this.http.post<BuyingKept>(ROUTES.order(id, 'not-arrived'), of);
  }

  /** Its paper; `a4` or `letter`. */
  pdf(id: string, paper: string): Observable<Blob> {
    return this.http.get(ROUTES.order(id, 'order.pdf'), { params: { paper }, responseType: 'blob' });
  }

  supplierPrices(): Observable<{ readonly prices: readonly BookPrice[] }> {
    return this.http.get<{ readonly prices: readonly BookPrice[] }>(ROUTES.supplierPrices);
  }

  supplier(): Observable<SupplierStandsAs> {
    return this.http.get<SupplierStandsAs>(ROUTES.supplierService);
  }

  turn(turned: TurnSupplier): Observable<SupplierStandsAs> {
    return this.http.post<SupplierStandsAs>(ROUTES.supplierService, turned);
  }
}
