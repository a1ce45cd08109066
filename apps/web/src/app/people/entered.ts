import { inject } from '@angular/core';
import { Router, type CanActivateFn } from '@angular/router';
import { Session } from '../device/session';

/** Only who is signed in, and belongs to a shop, gets on; on a device of one’s own everybody does. */
export const entered: CanActivateFn = (_route, { url }) => {
  const [session, router] = [inject(Session), inject(Router)];
  if (session.mayEnter()) return true;
  if (!session.person()) return router.createUrlTree(['/sign-in'], { queryParams: { to: url } });
  return url.startsWith('/account') || router.createUrlTree(['/account']);
};
