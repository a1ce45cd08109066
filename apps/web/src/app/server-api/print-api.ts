import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { PrintName } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';
import { refusalsOfBlobs } from './blob-refusals';

/** Paper of a job, made on the server. */
@Injectable({ providedIn: 'root' })
export class PrintApi {
  private readonly http = inject(HttpClient);

  print(name: PrintName, wish: object): Observable<Blob> {
    return this.http.post(ROUTES.print(name), wish, { responseType: 'blob' }).pipe(refusalsOfBlobs());
  }
}
