import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Here, HereAnswer } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** Who has a job open. */
@Injectable({ providedIn: 'root' })
export class PresentApi {
  private readonly http = inject(HttpClient);

  here(job: string, here: Here): Observable<HereAnswer> {
    return this.http.post<HereAnswer>(ROUTES.here(job), here);
  }
}
