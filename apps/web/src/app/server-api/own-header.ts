import type { HttpInterceptorFn } from '@angular/common/http';
import { OWN_HEADER } from '@zabble/contract/routes';

/** Says to the server that it is asked by Zabble's own page: without it nothing is changed. */
export const ownHeader: HttpInterceptorFn = (request, next) =>
  next(request.clone({ setHeaders: { [OWN_HEADER]: '1' } }));
