import { LARGEST_BODY, MakeQuote, MoveQuote, QuotePaper } from '@zabble/contract';
import { Router, type Response } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { Refusal } from '../http/refusal';
import { validated, validatedQuery } from '../http/validate';
import type { Printer } from '../print/printer';
import { whose } from '../whose/decide';
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
    response.json(await quotes.move(whose(response), idIn(request.params), validated(MoveQuote, request.body)));
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
    await printed(response, printer, Buffer.from(JSON.stringify({ quote, paper })));
  });
  return router;
}

/** Nobody waits for it any more: it is given up. */
async function printed(response: Response, printer: Printer, sent: Buffer): Promise<void> {
  const gone = new AbortController();
  response.once('close', () => gone.abort());
  try {
    const made = await printer.print({ name: 'quote.pdf', sent }, { signal: gone.signal, onPages: () => undefined });
    if ('refused' in made) throw new Refusal(made.refused);
    response.type(made.type).attachment(made.name).send(Buffer.from(made.data));
  } catch (problem) {
    if (!gone.signal.aborted) throw problem;
  }
}
