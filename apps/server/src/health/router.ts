import type { Health } from '@zabble/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { answers } from '../db/pool';

/** /api/health: whether the database answers, and which version this is. */
export function healthRouter(pool: Pool, version: string): Router {
  return Router().get('/', async (_request, response) => {
    const alive = await answers(pool);
    const health: Health = {
      status: alive ? 'ok' : 'degraded',
      database: alive ? 'answers' : 'does not answer',
      version,
    };
    response.status(alive ? 200 : 503).json(health);
  });
}
