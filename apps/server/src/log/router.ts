import { whose } from '../whose/decide';
import { AddEntries, JobId, LARGEST_BODY, LogQuery, RecordQuery } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { events } from '../http/events';
import { validated } from '../http/validate';
import type { LogService } from './service';

/** How soon entries that another process kept are seen, in milliseconds. */
const LOOK = 700;

/** /api/jobs/ID/log: read, add, and follow as it grows. */
export function logRouter(log: LogService): Router {
  const router = Router();
  router.get('/:id/log', async (request, response) => {
    const { id } = validated(JobId, request.params);
    response.json(await log.after(whose(response), id, validated(LogQuery, { ...request.query }).after));
  });
  router.post('/:id/log', jsonBody(LARGEST_BODY), async (request, response) => {
    const { id } = validated(JobId, request.params);
    response.status(201).json(await log.add(whose(response), id, validated(AddEntries, request.body).entries));
  });
  router.get('/:id/log/stream', (request, response) => {
    const { id } = validated(JobId, request.params);
    // A browser that comes back says where it was.
    const last = request.get('last-event-id');
    let { after } = validated(LogQuery, last === undefined ? { ...request.query } : { after: last });
    const send = events(response);
    let looking = false;
    const look = async (): Promise<void> => {
      if (looking) return;
      looking = true;
      try {
        const { entries } = await log.after(whose(response), id, after);
        for (const kept of entries) send(kept, (after = kept.seq));
      } catch (problem) {
        request.log.warn({ err: problem }, 'the log could not be looked at');
      }
      looking = false;
    };
    const grown = (): void => void look();
    const timer = setInterval(grown, LOOK);
    log.grown.on(id, grown);
    response.on('close', () => {
      clearInterval(timer);
      log.grown.off(id, grown);
    });
    grown();
  });
  return router;
}

/** /api/record: the logs of all jobs, searched, and what was measured against the plan. */
export function recordRouter(log: LogService): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await log.find(whose(response), validated(RecordQuery, { ...request.query })));
  });
  router.get('/made', async (_request, response) => {
    response.json(await log.made(whose(response)));
  });
  return router;
}
