import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { ShopSlide, ShopSlideList } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { OwnSlideOf } from '@zabble/core';
import type { Observable } from 'rxjs';

/** The slides the shop keeps across jobs. */
@Injectable({ providedIn: 'root' })
export class ShopApi {
  private readonly http = inject(HttpClient);

  slides(): Observable<ShopSlideList> {
    return this.http.get<ShopSlideList>(ROUTES.shopSlides);
  }

  keep(row: OwnSlideOf<string>): Observable<ShopSlide> {
    return this.http.put<ShopSlide>(ROUTES.shopSlides, { row });
  }

  delete(id: string): Observable<unknown> {
    return this.http.delete(ROUTES.shopSlide(id));
  }
}
