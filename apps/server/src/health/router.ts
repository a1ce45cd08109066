import { Router } from 'express';
import type { HealthService } from './service';

/**
 * /api/health: whether the database answers, and which version this is; `/live`: that this process answers at all, whatever
 * the database does (where it doesn’t, it is to be started again); `/ready`: whether requests should be sent here, and why not.
 */
export function healthRouter(service: HealthService): Router {
  return Router()
    .get('/', async (_request, response) => {
      const health = await service.now();
      response.status(health.status === 'ok' ? 200 : 503).json(health);
    })
    .get('/live', (_request, response) => {
      response.json({ live: true });
    })
    .get('/ready', async (_request, response) => {
      const readiness = await service.ready();
      response.status(readiness.ready ? 200 : 503).json(readiness);
    });
}
