import { Router } from 'express';
import type { Metrics } from './metrics';

/** /api/metrics: figures of this process, in the text format monitors read. */
export function metricsRouter({ registry }: Metrics): Router {
  return Router().get('/', async (_request, response) => {
    response.set('Content-Type', registry.contentType).send(await registry.metrics());
  });
}
