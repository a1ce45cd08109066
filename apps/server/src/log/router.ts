import { whose } from '../whose/decide';
import { AddEntries, LARGEST_BODY, LogQuery } from '@zabble/contract';
import { Router } from 'express';
import { idIn } from '../http/id';
import { jsonBody } from '../http/body';
import { said } from '@zabble/core';
import { events } from '../http/events';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { Following } from './following';
import type { LogService } from './service';

/** /api/jobs/ID/log: read, add, and follow as it grows. */
export function logRouter(log: LogService, following: Following): Router {
  const router = Router();
  router.get('/:id/log', async (request, response) => {
    const id = idIn(request.params);
    response.json(await log.after(whose(response), id, validated(LogQuery, { ...request.query }).after));
  });
  router.post('/:id/log', jsonBody(LARGEST_BODY), async (request, response) => {
    const id = idIn(request.params);
    response.status(201).json(await log.add(whose(response), id, validated(AddEntries, request.body).entries));
  });
  router.get('/:id/log/stream', async (request, response) => {
    const id = idIn(request.params);
    // A browser that comes back says where it was.
    const last = request.get('last-event-id');
    const { after } = validated(LogQuery, last === undefined ? { ...request.query } : { after: last });
    await log.assertJob(whose(response), id);
    if (following.full) throw refuse(503, said('too-many-listening'));
    const follower = following.add({ shop: whose(response), job: id, after, send: events(response) });
    response.on('close', () => following.remove(follower));
  });
  return router;
}
