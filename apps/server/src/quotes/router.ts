import { LARGEST_BODY, MakeQuote, MoveQuote, QuotePaper } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { validated, validatedQuery } from '../http/validate';
import { printed } from '../print/printed';
import type { Printer } from '../print/printer';
import { doneBy, whose } from '../whose/decide';
import type { QuoteService } from './service';

/** /api/jobs/ID/quotes and /api/quotes/ID/…: quotes are made, moved, shown by a link and printed; never changed. */
export function quotesRouter(quotes: QuoteService, printer: Printer): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY);
  router.get('/jobs/:id/quotes', async (request, response) => {
    response.json(await quotes.list(whose(response), idIn(request.params)));
  });
  router.post('/jobs/:id/quotes', json, async (request, response) => {
    const made = await quotes.make(whose(response), idIn(request.params), validated(MakeQuote, request.body));
    response.status(201).json(made);
  });
  router.put('/quotes/:id/state', json, async (request, response) => {
    response.json(
      await quotes.move(whose(response), idIn(request.params), doneBy(response, validated(MoveQuote, request.body))),
    );
  });
  router.post('/quotes/:id/link', json, async (request, response) => {
    response.json(await quotes.link(whose(response), idIn(request.params)));
  });
  router.delete('/quotes/:id/link', async (request, response) => {
    response.json(await quotes.withdraw(whose(response), idIn(request.params)));
  });
  router.get('/quotes/:id/quote.pdf', async (request, response) => {
    const { paper } = validatedQuery(QuotePaper, request.query);
    const quote = await quotes.read(whose(response), idIn(request.params));
    await printed(response, printer, { name: 'quote.pdf', sent: Buffer.from(JSON.stringify({ quote, paper })) });
  });
  return router;
}
