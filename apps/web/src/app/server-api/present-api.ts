import { HttpClient } from '@angular/common/http';
import { DOCUMENT, inject, Injectable } from '@angular/core';
import type { Here, HereAnswer } from '@zabble/contract';
import { OWN_HEADER, ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';
import { PageShop } from './page-shop';

/** Who has a job open. */
@Injectable({ providedIn: 'root' })
export class PresentApi {
  private readonly http = inject(HttpClient);
  private readonly shop = inject(PageShop);
  private readonly view = inject(DOCUMENT).defaultView;

  here(job: string, here: Here): Observable<HereAnswer> {
    return this.http.post<HereAnswer>(ROUTES.here(job), here);
  }

  /** Said as the page goes, and sent though it is gone by then: nobody waits for the answer. */
  async leave(job: string, here: Here): Promise<void> {
    const headers = { 'Content-Type': 'application/json', [OWN_HEADER]: this.shop.id() ?? '1' };
    const body = JSON.stringify({ ...here, gone: true });
    try {
      await this.view?.fetch(ROUTES.here(job), { method: 'POST', keepalive: true, headers, body });
    } catch {
      // Who is not heard of for a while is not there any more either.
    }
  }
}
