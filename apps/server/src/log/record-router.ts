import { MadeQuery, RecordQuery } from '@zabble/contract';
import { Router } from 'express';
import type { LookUp } from '../found/look-up';
import { validatedQuery } from '../http/validate';
import { whose } from '../whose/decide';

/** /api/record: the logs of all jobs, searched, and what was measured against the plan. */
export function recordRouter(lookUp: LookUp): Router {
  const router = Router();
  router.get(
    '/',
    ...lookUp((request, response) => ({
      what: 'record',
      shop: whose(response),
      query: { ...validatedQuery(RecordQuery, request.query) },
    })),
  );
  router.get('/made', ...lookUp((_request, response) => ({ what: 'made', shop: whose(response) })));
  router.get(
    '/made/:what',
    ...lookUp((request, response) => ({
      what: 'readings',
      shop: whose(response),
      kind: validatedQuery(MadeQuery, request.params).what,
    })),
  );
  return router;
}
