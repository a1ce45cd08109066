import type { HttpInterceptorFn } from '@angular/common/http';
import { inject, Injectable, signal } from '@angular/core';
import { tap } from 'rxjs';
import { isStranger } from './problem';

/** How often the server told this device that it is not let in (any more). */
@Injectable({ providedIn: 'root' })
export class Stranger {
  readonly told = signal(0);
}

/** Hears it, whatever was asked for. */
export const toldStranger: HttpInterceptorFn = (request, next) => {
  const { told } = inject(Stranger);
  return next(request).pipe(
    tap({ error: (problem: unknown) => isStranger(problem) && told.update((times) => times + 1) }),
  );
};
