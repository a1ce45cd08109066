import type { Request, Response } from 'express';

/** The cookie a device keeps its pass in. */
const NAME = 'zabble-pass';
const A_YEAR = 365 * 24 * 3600_000;

/** The pass a device shows; nothing where it shows none. */
export function passOf(request: Request): string | undefined {
  return new RegExp(`(?:^|;\\s*)${NAME}=([\\w-]{43})(?:;|$)`).exec(request.get('cookie') ?? '')?.[1];
}

/** Gives a device its pass to keep: no script can read it, and it is sent by no page from elsewhere. */
export function givePass(response: Response, pass: string, overTls: boolean): void {
  response.cookie(NAME, pass, { httpOnly: true, sameSite: 'lax', secure: overTls, path: '/', maxAge: A_YEAR });
}
