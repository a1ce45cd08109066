import type { RequestHandler } from 'express';
import { asking } from '../whose/decide';
import { pathOf } from './allow';
import type { CrewRepository } from './crew-repository';

/** Saving one job again and again is one row for so long, in milliseconds. */
const ONCE = 10 * 60_000;
/** So many are remembered as said. */
const MOST = 5000;

interface Named {
  readonly method: string;
  readonly path: RegExp;
  readonly what: string;
}

const JOB = /^\/jobs\/([0-9a-f-]{36})$/;

/** What is worth a row, by the path under /api; the first group of it is what it was done to. */
const NAMED: readonly Named[] = [
  { method: 'POST', path: /^\/jobs(?:\/import)?$/, what: 'job/made' },
  { method: 'PUT', path: JOB, what: 'job/saved' },
  { method: 'DELETE', path: JOB, what: 'job/deleted' },
  { method: 'POST', path: /^\/jobs\/([0-9a-f-]{36})\/restore$/, what: 'job/restored' },
  { method: 'GET', path: /^\/jobs\/([0-9a-f-]{36})\/file$/, what: 'job/taken-out' },
  { method: 'POST', path: /^\/jobs\/([0-9a-f-]{36})\/log$/, what: 'job/recorded' },
  { method: 'POST', path: /^\/jobs\/([0-9a-f-]{36})\/quotes$/, what: 'quote/made' },
  { method: 'PUT', path: /^\/quotes\/([0-9a-f-]{36})\/state$/, what: 'quote/changed' },
  { method: 'POST', path: /^\/quotes\/([0-9a-f-]{36})\/link$/, what: 'quote/linked' },
  { method: 'DELETE', path: /^\/quotes\/([0-9a-f-]{36})\/link$/, what: 'quote/unlinked' },
  { method: 'GET', path: /^\/shop\/crew\/file$/, what: 'shop/taken-out' },
  { method: 'POST', path: /^\/shop\/crew\/file$/, what: 'shop/brought-in' },
  { method: 'POST', path: /^\/shop\/buying\/orders$/, what: 'order/made' },
  { method: 'PUT', path: /^\/calendar\/feed$/, what: 'feed/made' },
  { method: 'DELETE', path: /^\/calendar\/feed$/, what: 'feed/withdrawn' },
  { method: 'PUT', path: /^\/shop\/costing(?:\/prices)?$/, what: 'shop/prices' },
  { method: 'PATCH', path: /^\/shop\/habits$/, what: 'shop/usual' },
  { method: 'PUT', path: /^\/calendar$/, what: 'shop/hours' },
];

/** What a request is called in the audit, and what it was done to; nothing where it is not worth a row. */
export function auditedAs(method: string, path: string): { readonly what: string; readonly of: string } | undefined {
  // Routes are found whatever the case of their letters.
  const asked = path.toLowerCase().replace(/\/+$/, '');
  for (const named of NAMED) {
    const found = named.method === method ? named.path.exec(asked) : null;
    if (found) return { what: named.what, of: found[1] ?? '' };
  }
  return undefined;
}

/** Writes down who did what, once it was done. What many do all day is written down once in a while. */
export function audit(crew: CrewRepository, failed: (problem: unknown) => void, clock = Date.now): RequestHandler {
  const said = new Map<string, number>();
  return (request, response, next) => {
    const named = auditedAs(request.method, pathOf(request.originalUrl));
    if (named)
      response.once('finish', () => {
        const { shop, person } = asking(response);
        if (response.statusCode >= 400 || !person) return;
        const key = [shop, person.id, named.what, named.of].join(' ');
        const often = named.of !== '' && (said.get(key) ?? 0) + ONCE > clock();
        if (often) return;
        if (said.size >= MOST) said.clear();
        said.set(key, clock());
        crew.audited(shop, { person, ...named }).catch(failed);
      });
    next();
  };
}
