import { refusalsOfBlobs } from './blob-refusals';
import { HttpClient, type HttpResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { JobList, StoredJob } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { JobDocument } from '@zabble/core';
import type { Observable } from 'rxjs';

/** The server's jobs. */
@Injectable({ providedIn: 'root' })
export class JobsApi {
  private readonly http = inject(HttpClient);

  list(search: string, page: number, deleted: boolean): Observable<JobList> {
    return this.http.get<JobList>(ROUTES.jobs, { params: { search, page, deleted } });
  }

  read(id: string): Observable<StoredJob> {
    return this.http.get<StoredJob>(ROUTES.job(id));
  }

  /** The job as a file, named as the server names it. */
  file(id: string): Observable<HttpResponse<Blob>> {
    return this.http.get(ROUTES.jobFile(id), { observe: 'response', responseType: 'blob' }).pipe(refusalsOfBlobs());
  }

  create(document: JobDocument): Observable<StoredJob> {
    return this.http.post<StoredJob>(ROUTES.jobs, { document });
  }

  /** `text` is a job file as it stands on disk. */
  importFile(text: string): Observable<StoredJob> {
    return this.http.post<StoredJob>(ROUTES.importJob, text, { headers: { 'Content-Type': 'application/json' } });
  }

  replace(id: string, revision: number, document: JobDocument): Observable<StoredJob> {
    return this.http.put<StoredJob>(ROUTES.job(id), { revision, document });
  }

  delete(id: string): Observable<unknown> {
    return this.http.delete(ROUTES.job(id));
  }

  restore(id: string): Observable<StoredJob> {
    return this.http.post<StoredJob>(ROUTES.restoreJob(id), {});
  }
}
