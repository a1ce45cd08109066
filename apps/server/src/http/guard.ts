import { OWN_HEADER } from '@zabble/contract';
import { said } from '@zabble/core';
import type { Request, RequestHandler } from 'express';
import { refuse } from './refusal';

/** Names this machine has for itself. */
const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];
/** What only looks. */
const LOOKING = new Set(['GET', 'HEAD', 'OPTIONS']);
/** Kinds of content no form of a page can send. */
const OWN_CONTENT = /^(?:application\/json|image\/)/i;

/**
 * Keeps pages from elsewhere out: they may neither call this server by another name that leads here (a request is
 * answered only at the names it is known by) nor change anything in it. A change comes from a page of its own and has
 * its own header or a kind of content that a browser sends nowhere else without asking first. 403 otherwise.
 *
 * `names` are host names it is also known by, without ports. Source: OWASP, Cross-Site Request Forgery Prevention Cheat
 * Sheet, "Verifying Origin With Standard Headers" and "Employing Custom Request Headers"; from memory.
 */
export function guard(names: readonly string[] = []): RequestHandler {
  const known = new Set([...LOOPBACK, ...names.map((name) => name.toLowerCase())]);
  return (request, _response, next) => {
    const host = request.get('host') ?? '';
    if (!known.has(nameOf(host))) throw refuse(403, said('another-name', { host }));
    if (!LOOKING.has(request.method) && !isOwn(request, host)) throw refuse(403, said('from-elsewhere'));
    next();
  };
}

function isOwn(request: Request, host: string): boolean {
  const [origin, site] = [request.get('origin'), request.get('sec-fetch-site')];
  if (origin !== undefined && hostOf(origin) !== host.toLowerCase()) return false;
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return false;
  return request.get(OWN_HEADER) !== undefined || OWN_CONTENT.test(request.get('content-type') ?? '');
}

function nameOf(host: string): string {
  return host.replace(/:\d*$/, '').toLowerCase();
}

/** Empty where a page hides where it is from. */
function hostOf(origin: string): string {
  return URL.canParse(origin) ? new URL(origin).host : '';
}
