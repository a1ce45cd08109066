import type { HttpInterceptorFn } from '@angular/common/http';
import { inject } from '@angular/core';
import { tap } from 'rxjs';
import { isStranger } from '../server-api/problem';
import { Notices } from './notices';

/** Tells, whatever was asked for, that the server does not let this device in (any more). */
export const toldStranger: HttpInterceptorFn = (request, next) => {
  const notices = inject(Notices);
  return next(request).pipe(
    tap({ error: (problem: unknown) => isStranger(problem) && notices.notice.set('stranger') }),
  );
};
