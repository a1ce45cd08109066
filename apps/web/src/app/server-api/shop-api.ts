import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { ShopMoney, ShopMaterial, ShopMaterialList, ShopSlide, ShopSlideList } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { MaterialOf, OwnSlideOf } from '@zabble/core';
import type { Observable } from 'rxjs';

/** The slides and the materials the shop keeps across jobs. */
@Injectable({ providedIn: 'root' })
export class ShopApi {
  private readonly http = inject(HttpClient);

  money(): Observable<ShopMoney> {
    return this.http.get<ShopMoney>(ROUTES.money);
  }

  keepMoney(currency: string | null): Observable<ShopMoney> {
    return this.http.put<ShopMoney>(ROUTES.money, { currency });
  }

  slides(): Observable<ShopSlideList> {
    return this.http.get<ShopSlideList>(ROUTES.shopSlides);
  }

  keep(row: OwnSlideOf<string>): Observable<ShopSlide> {
    return this.http.put<ShopSlide>(ROUTES.shopSlides, { row });
  }

  delete(id: string): Observable<unknown> {
    return this.http.delete(ROUTES.shopSlide(id));
  }

  materials(): Observable<ShopMaterialList> {
    return this.http.get<ShopMaterialList>(ROUTES.shopMaterials);
  }

  keepMaterial(row: MaterialOf<string>): Observable<ShopMaterial> {
    return this.http.put<ShopMaterial>(ROUTES.shopMaterials, { row });
  }

  deleteMaterial(id: string): Observable<unknown> {
    return this.http.delete(ROUTES.shopMaterial(id));
  }
}
