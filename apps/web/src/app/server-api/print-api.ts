import { HttpClient, HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { PrintName, Problem } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import { catchError, from, mergeMap, throwError, type Observable } from 'rxjs';

/** Paper of a job, made on the server. */
@Injectable({ providedIn: 'root' })
export class PrintApi {
  private readonly http = inject(HttpClient);

  print(name: PrintName, wish: object): Observable<Blob> {
    return this.http
      .post(ROUTES.print(name), wish, { responseType: 'blob' })
      .pipe(catchError((problem: unknown) => from(readable(problem)).pipe(mergeMap((each) => throwError(() => each)))));
  }
}

/** A refusal comes as a blob here: it is read, so that it is a refusal like every other. */
async function readable(problem: unknown): Promise<unknown> {
  if (!(problem instanceof HttpErrorResponse) || !(problem.error instanceof Blob)) return problem;
  try {
    const error = JSON.parse(await problem.error.text()) as Problem;
    return new HttpErrorResponse({ error, status: problem.status, statusText: problem.statusText });
  } catch {
    return problem;
  }
}
