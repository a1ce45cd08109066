import { Router } from 'express';
import { hidden } from '../http/hidden';
import { goneQuotePage, QUOTE_POLICY, quotePage } from './page';
import type { QuoteService } from './service';

/** Of a link’s secret: 32 bytes in letters. */
const SECRET = /^[\w-]{43}$/;

/**
 * /q/SECRET: a quote for whoever has its link, without signing in, to be looked at alone. It is kept in no cache, found by
 * no search engine, told to no other page; one that was withdrawn answers as one that never was.
 */
export function publicQuotes(quotes: QuoteService): Router {
  const router = Router();
  router.get('/q/:secret', hidden, async (request, response) => {
    const { secret } = request.params;
    const quote = typeof secret === 'string' && SECRET.test(secret) ? await quotes.shown(secret) : undefined;
    response
      .set('Content-Security-Policy', QUOTE_POLICY)
      .status(quote ? 200 : 404)
      .type('html')
      .send(quote ? quotePage(quote) : goneQuotePage());
  });
  return router;
}
