import { isIP } from 'node:net';
import { LET_IN_PAGE, OWN_HEADER } from '@zabble/contract';
import { said } from '@zabble/core';
import type { Request, RequestHandler } from 'express';
import { isLoopbackName, isThroughDoor, nameOf } from './near';
import { refuse } from './refusal';

/** What only looks. */
const LOOKING = new Set(['GET', 'HEAD', 'OPTIONS']);
/** Kinds of content no form of a page can send. */
const OWN_CONTENT = /^(?:application\/json|image\/)/i;

/**
 * Keeps pages from elsewhere out: they may neither call this server by another name that leads here (a request is
 * answered only at the names it is known by) nor change anything in it. A change comes from a page of its own and has
 * its own header or a kind of content that a browser sends nowhere else without asking first. 403 otherwise.
 *
 * `names` are host names it is also known by, without ports. Through the door for the network it may be called by a bare
 * address too: no foreign name can lead there by that. Source: OWASP, Cross-Site Request Forgery Prevention Cheat
 * Sheet, "Verifying Origin With Standard Headers" and "Employing Custom Request Headers"; from memory.
 */
export function guard(names: readonly string[] = []): RequestHandler {
  const known = new Set(names.map((name) => name.toLowerCase()));
  return (request, _response, next) => {
    const host = request.headers.host ?? '';
    const name = nameOf(host);
    const isKnown = isLoopbackName(name) || known.has(name) || (isThroughDoor(request) && isAddress(name));
    if (!isKnown) throw refuse(403, said('another-name', { host }));
    if (!LOOKING.has(request.method) && !isOwn(request, host)) throw refuse(403, said('from-elsewhere'));
    next();
  };
}

function isOwn(request: Request, host: string): boolean {
  const { origin, 'sec-fetch-site': site, 'content-type': kind = '' } = request.headers;
  if (origin !== undefined && hostOf(origin) !== host.toLowerCase()) return false;
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  // The one form there is says for itself where it is from.
  if (request.path === LET_IN_PAGE && origin !== undefined) return true;
  return request.headers[OWN_HEADER] !== undefined || OWN_CONTENT.test(kind);
}

function isAddress(name: string): boolean {
  return isIP(name.replace(/^\[(.*)\]$/, '$1')) !== 0;
}

/** Empty where a page hides where it is from. */
function hostOf(origin: string): string {
  return URL.canParse(origin) ? new URL(origin).host : '';
}
