import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type {
  RowConflict,
  ShopMaterial,
  ShopMaterialList,
  ShopMoney,
  ShopRow,
  ShopRowList,
  ShopSlide,
  ShopSlideList,
} from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Customer, MaterialOf, OwnSlideOf, Supplier } from '@zabble/core';
import { tap, type Observable } from 'rxjs';

/** A row of one of the shop's lists, as far as it is told apart by. */
type Named = ShopRow<{ readonly name?: string }>;

/**
 * The slides and the materials the shop keeps across jobs. A row takes the place of another only as this page was last
 * told it: one that was changed elsewhere since is told first.
 */
@Injectable({ providedIn: 'root' })
export class ShopApi {
  private readonly http = inject(HttpClient);
  /** Revisions by where they are kept and their name. */
  private readonly told = new Map<string, number>();

  money(): Observable<ShopMoney> {
    return this.http.get<ShopMoney>(ROUTES.money);
  }

  /** Only in place of what `was` said. */
  keepMoney(currency: string | null, was: string | null): Observable<ShopMoney> {
    return this.http.put<ShopMoney>(ROUTES.money, { currency, was });
  }

  slides(): Observable<ShopSlideList> {
    return this.list<ShopSlideList>(ROUTES.shopSlides);
  }

  keep(row: OwnSlideOf<string>): Observable<ShopSlide> {
    return this.put<ShopSlide>(ROUTES.shopSlides, row);
  }

  delete({ id, revision }: ShopSlide): Observable<unknown> {
    return this.http.delete(ROUTES.shopSlide(id), { params: { revision } });
  }

  materials(): Observable<ShopMaterialList> {
    return this.list<ShopMaterialList>(ROUTES.shopMaterials);
  }

  keepMaterial(row: MaterialOf<string>): Observable<ShopMaterial> {
    return this.put<ShopMaterial>(ROUTES.shopMaterials, row);
  }

  deleteMaterial({ id, revision }: Pick<ShopMaterial, 'id' | 'revision'>): Observable<unknown> {
    return this.http.delete(ROUTES.shopMaterial(id), { params: { revision } });
  }

  suppliers(): Observable<ShopRowList<Supplier>> {
    return this.list<ShopRowList<Supplier>>(ROUTES.suppliers);
  }

  keepSupplier(row: Supplier): Observable<ShopRow<Supplier>> {
    return this.put<ShopRow<Supplier>>(ROUTES.suppliers, row);
  }

  deleteSupplier({ id, revision }: ShopRow<Supplier>): Observable<unknown> {
    return this.http.delete(ROUTES.supplierRow(id), { params: { revision } });
  }

  customers(): Observable<ShopRowList<Customer>> {
    return this.list<ShopRowList<Customer>>(ROUTES.customers);
  }

  keepCustomer(row: Customer): Observable<ShopRow<Customer>> {
    return this.put<ShopRow<Customer>>(ROUTES.customers, row);
  }

  deleteCustomer({ id, revision }: ShopRow<Customer>): Observable<unknown> {
    return this.http.delete(ROUTES.customerRow(id), { params: { revision } });
  }

  private list<T extends { readonly items: readonly Named[] }>(route: string): Observable<T> {
    return this.http.get<T>(route).pipe(tap(({ items }) => items.forEach((row) => this.hear(route, row))));
  }

  private put<T extends Named>(route: string, row: object & { readonly name?: string }): Observable<T> {
    const revision = this.told.get(`${route} ${row.name ?? ''}`);
    return this.http.put<T>(route, { row, ...(revision === undefined ? {} : { revision }) }).pipe(
      tap({
        next: (kept) => this.hear(route, kept),
        error: (problem: unknown) => {
          if (!(problem instanceof HttpErrorResponse) || problem.status !== 409) return;
          const { row: stands } = problem.error as Partial<RowConflict>;
          if (stands) this.hear(route, stands as Named);
        },
      }),
    );
  }

  private hear(route: string, { row, revision }: Named): void {
    this.told.set(`${route} ${row.name ?? ''}`, revision);
  }
}
