import type { Request } from 'express';

/** What kind of device asks, by what it says of itself: for a name to begin with. */
export function deviceOf(request: Request): string {
  const says = request.get('user-agent') ?? '';
  if (/Tablet/i.test(says)) return 'Tablet';
  return /Mobi/i.test(says) ? 'Phone' : 'Computer';
}
