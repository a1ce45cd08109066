import { Router } from 'express';
import type { HealthService } from './service';

/** /api/health: whether the database answers, and which version this is. */
export function healthRouter(service: HealthService): Router {
  return Router().get('/', async (_request, response) => {
    const health = await service.now();
    response.status(health.status === 'ok' ? 200 : 503).json(health);
  });
}
