import { said } from '@zabble/core';
import { Router, type RequestHandler } from 'express';
import { timingSafeEqual } from 'node:crypto';
import { isNear } from '../http/near';
import { refuse } from '../http/refusal';
import type { Metrics } from './metrics';

/** /api/metrics: figures of this process, in the text format monitors read. */
export function metricsRouter({ registry }: Metrics): Router {
  return Router().get('/', async (_request, response) => {
    response.set('Content-Type', registry.contentType).send(await registry.metrics());
  });
}

/** Lets in who is at this machine, and a monitor that shows this token (`Authorization: Bearer …`). */
export function watcher(token: string | undefined): RequestHandler {
  return (request, _response, next) => {
    const shown = Buffer.from(request.get('authorization') ?? '');
    const wanted = Buffer.from(`Bearer ${token ?? ''}`);
    const knows = token !== undefined && shown.length === wanted.length && timingSafeEqual(shown, wanted);
    next(knows || isNear(request) ? undefined : refuse(401, said('not-signed-in')));
  };
}
