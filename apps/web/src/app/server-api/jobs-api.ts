import { refusalsOfBlobs } from './blob-refusals';
import { HttpClient, type HttpResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { JobList, JobRevision, JobRevisionList, JobSaved, StoredJob } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { JobDocument } from '@zabble/core';
import { defer, map, tap, type Observable } from 'rxjs';
import { newId } from './new-id';
import { isAway } from './problem';

/** The server's jobs. */
@Injectable({ providedIn: 'root' })
export class JobsApi {
  private readonly http = inject(HttpClient);
  private readonly unanswered = new Map<string, string>();

  /** `after` is where the page before ended; none for the first. */
  list(search: string, after: string | undefined, deleted: boolean): Observable<JobList> {
    const params = { search, deleted, ...(after === undefined ? {} : { after }) };
    return this.http.get<JobList>(ROUTES.jobs, { params });
  }

  read(id: string): Observable<StoredJob> {
    return this.http.get<StoredJob>(ROUTES.job(id));
  }

  revisions(id: string): Observable<JobRevisionList> {
    return this.http.get<JobRevisionList>(ROUTES.revisions(id));
  }

  revision(id: string, revision: number): Observable<JobRevision> {
    return this.http.get<JobRevision>(ROUTES.revision(id, revision));
  }

  /** The job as a file, named as the server names it. */
  file(id: string): Observable<HttpResponse<Blob>> {
    return this.http.get(ROUTES.jobFile(id), { observe: 'response', responseType: 'blob' }).pipe(refusalsOfBlobs());
  }

  /** Asked again after an answer that was lost it is the same job, not another. */
  create(document: JobDocument): Observable<StoredJob> {
    return this.once(JSON.stringify(document), (id) => this.http.post<StoredJob>(ROUTES.jobs, { document, id }));
  }

  /** `text` is a job file as it stands on disk; the same of it. */
  importFile(text: string): Observable<StoredJob> {
    const headers = { 'Content-Type': 'application/json' };
    return this.once(text, (id) => this.http.post<StoredJob>(ROUTES.importJob, text, { headers, params: { id } }));
  }

  /** The same wish has the same id until it is answered. */
  private once(wish: string, ask: (id: string) => Observable<StoredJob>): Observable<StoredJob> {
    return defer(() => {
      const id = this.unanswered.get(wish) ?? newId();
      this.unanswered.set(wish, id);
      return ask(id).pipe(
        tap({
          next: () => this.unanswered.delete(wish),
          error: (problem: unknown) => isAway(problem, 500) || this.unanswered.delete(wish),
        }),
      );
    });
  }

  /** The job as it then stands on the server. */
  replace(id: string, wish: { revision: number; document: JobDocument; save: string }): Observable<StoredJob> {
    return this.http
      .put<JobSaved>(ROUTES.job(id), wish)
      .pipe(map((saved) => ({ ...saved, createdAt: '', save: wish.save, document: wish.document })));
  }

  delete(id: string): Observable<unknown> {
    return this.http.delete(ROUTES.job(id));
  }

  restore(id: string): Observable<StoredJob> {
    return this.http.post<StoredJob>(ROUTES.restoreJob(id), {});
  }
}
