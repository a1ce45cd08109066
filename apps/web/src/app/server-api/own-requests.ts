import { inject } from '@angular/core';
import { HttpErrorResponse, type HttpInterceptorFn, type HttpRequest } from '@angular/common/http';
import { OWN_HEADER, ROUTES } from '@zabble/contract/routes';
import { catchError, throwError, timeout } from 'rxjs';
import { PageShop } from './page-shop';

/** A change that was asked for and not answered: it may have been done. */
export class ChangeUnanswered extends HttpErrorResponse {}

/** So long an answer is waited for, in milliseconds: of what only looks, of a change, and of what is long itself. */
const LIMITS = { look: 20_000, change: 40_000, long: 300_000 };

/**
 * Says to the server that it is asked by Zabble's own page (without it nothing is changed), and by the page of which shop;
 * waits for no answer without
 * end, and tells a change that was not answered from what only looks.
 */
export const ownRequests: HttpInterceptorFn = (request, next) =>
  next(request.clone({ setHeaders: { [OWN_HEADER]: inject(PageShop).id() ?? '1' } })).pipe(
    timeout({
      each: limitOf(request),
      with: () => throwError(() => new HttpErrorResponse({ status: 0, url: request.url })),
    }),
    catchError((problem: unknown) => {
      const lost = problem instanceof HttpErrorResponse && problem.status === 0 && request.method !== 'GET';
      return throwError(() => (lost ? new ChangeUnanswered({ status: 0, url: problem.url ?? '' }) : problem));
    }),
  );

function limitOf({ method, url }: HttpRequest<unknown>): number {
  if (url === ROUTES.importJob || /\/(?:photos|print|file)(?:\/|$)/.test(url)) return LIMITS.long;
  return method === 'GET' ? LIMITS.look : LIMITS.change;
}
