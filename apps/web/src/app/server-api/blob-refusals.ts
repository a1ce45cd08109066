import { HttpErrorResponse } from '@angular/common/http';
import type { Problem } from '@zabble/contract';
import { catchError, from, mergeMap, throwError, type MonoTypeOperatorFunction } from 'rxjs';

/** Where a file was asked for, a refusal comes as one too: it is read, so that it is a refusal like every other. */
export function refusalsOfBlobs<T>(): MonoTypeOperatorFunction<T> {
  return catchError((problem: unknown) => from(readable(problem)).pipe(mergeMap((each) => throwError(() => each))));
}

async function readable(problem: unknown): Promise<unknown> {
  if (!(problem instanceof HttpErrorResponse) || !(problem.error instanceof Blob)) return problem;
  try {
    const error = JSON.parse(await problem.error.text()) as Problem;
    return new HttpErrorResponse({ error, status: problem.status, statusText: problem.statusText });
  } catch {
    return problem;
  }
}
