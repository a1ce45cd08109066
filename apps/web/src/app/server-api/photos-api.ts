import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { PhotoKept } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** Photographs of a job on the server. */
@Injectable({ providedIn: 'root' })
export class PhotosApi {
  private readonly http = inject(HttpClient);

  keep(job: string, id: string, file: File): Observable<PhotoKept> {
    const headers = { 'Content-Type': file.type || 'application/octet-stream' };
    return this.http.put<PhotoKept>(ROUTES.photo(job, id), file, { headers });
  }
}
