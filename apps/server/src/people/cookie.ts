import type { Request, Response } from 'express';

/** A browser keeps it for this one host alone, over TLS (or on its own machine), for its whole path. */
const NAME = '__Host-zabble';
const OPTIONS = { httpOnly: true, secure: true, sameSite: 'strict', path: '/' } as const;
/** A session nobody uses ends after so long, in milliseconds; so does one that is older than the longest. */
export const UNUSED = 30 * 24 * 3600_000;
export const LONGEST = 180 * 24 * 3600_000;

/** The secret of the session a browser shows; nothing where it shows none. */
export function sessionOf(request: Request): string | undefined {
  return /(?:^|;\s*)__Host-zabble=([\w-]{43})(?:;|$)/.exec(request.get('cookie') ?? '')?.[1];
}

export function giveSession(response: Response, secret: string): void {
  response.cookie(NAME, secret, { ...OPTIONS, maxAge: LONGEST });
}

export function takeSession(response: Response): void {
  response.clearCookie(NAME, OPTIONS);
}
