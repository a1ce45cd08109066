import { asking, doneBy, whose } from '../whose/decide';
import { AddEntries, LARGEST_BODY, LogQuery } from '@zabble/contract';
import { Router, type IRouter, type RequestHandler } from 'express';
import { answer } from '../http/answer';
import { idIn } from '../http/id';
import { jsonBody } from '../http/body';
import { said } from '@zabble/core';
import { events } from '../http/events';
import { refuse } from '../http/refusal';
import { validated, validatedQuery } from '../http/validate';
import type { Following } from './following';
import type { LogService } from './service';

/** /api/jobs/ID/log: add to it, which is asked most, at the application itself. `first` comes before everything. */
export function addToLogs(app: IRouter, first: RequestHandler, log: LogService): void {
  app.post('/api/jobs/:id/log', first, jsonBody(LARGEST_BODY), async (request, response) => {
    const id = idIn(request.params);
    const entries = validated(AddEntries, request.body).entries.map((entry) => doneBy(response, entry));
    answer(response, await log.add(whose(response), id, entries), 201);
  });
}

/** /api/jobs/ID/log: read, and follow as it grows. */
export function logRouter(log: LogService, following: Following): Router {
  const router = Router();
  router.get('/:id/log', async (request, response) => {
    const id = idIn(request.params);
    const { after } = validatedQuery(LogQuery, request.query);
    const page = await log.after(whose(response), id, after);
    // Nothing in it may mean that there is no such job.
    if (page.entries.length === 0) await log.assertJob(whose(response), id);
    response.json(page);
  });
  router.get('/:id/log/stream', async (request, response) => {
    const id = idIn(request.params);
    // A browser that comes back says where it was.
    const last = request.get('last-event-id');
    const { after } = validatedQuery(LogQuery, last === undefined ? request.query : { after: last });
    await log.assertJob(whose(response), id);
    const person = asking(response).person?.id;
    if (following.isFull(person)) throw refuse(503, said('too-many-listening'));
    const who = { shop: whose(response), ...(person === undefined ? {} : { person }) };
    const follower = following.add({ ...who, job: id, after, send: events(response) });
    response.on('close', () => following.remove(follower));
  });
  return router;
}
