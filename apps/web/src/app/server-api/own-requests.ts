import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { OWN_HEADER } from '@zabble/contract/routes';
import { catchError, throwError } from 'rxjs';

/** A change that was asked for and not answered: it may have been done. */
export class ChangeUnanswered extends HttpErrorResponse {}

/**
 * Says to the server that it is asked by Zabble's own page (without it nothing is changed), and tells a change that was
 * not answered from what only looks.
 */
export const ownRequests: HttpInterceptorFn = (request, next) =>
  next(request.clone({ setHeaders: { [OWN_HEADER]: '1' } })).pipe(
    catchError((problem: unknown) => {
      const lost = problem instanceof HttpErrorResponse && problem.status === 0 && request.method !== 'GET';
      return throwError(() => (lost ? new ChangeUnanswered({ status: 0, url: problem.url ?? '' }) : problem));
    }),
  );
