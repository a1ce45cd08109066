import type { HttpInterceptorFn } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import { ROUTES } from '@zabble/contract/routes';
import { tap } from 'rxjs';
import { isStranger } from './problem';

/** How often the server told this device that it is not let in (any more). */
@Injectable({ providedIn: 'root' })
export class Stranger {
  readonly told = signal(0);
}

/** Hears it, whatever was asked for; but for what is asked by who signs in: that a password is wrong is said there. */
export const toldStranger: HttpInterceptorFn = (request, next) => {
  const { told } = inject(Stranger);
  const heard = (problem: unknown): void => {
    if (isStranger(problem)) told.update((times) => times + 1);
  };
  return request.url.startsWith(ROUTES.session) ? next(request) : next(request).pipe(tap({ error: heard }));
};
