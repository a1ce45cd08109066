import { RevisionNumber } from '@zabble/contract';
import { Router } from 'express';
import { idIn } from '../http/id';
import { validatedQuery } from '../http/validate';
import { whose } from '../whose/decide';
import type { RevisionService } from './service';

/** /api/jobs/ID/revisions: how the job stood before. */
export function revisionsRouter(revisions: RevisionService): Router {
  const router = Router();
  router.get('/:id/revisions', async (request, response) => {
    response.json(await revisions.list(whose(response), idIn(request.params)));
  });
  router.get('/:id/revisions/:revision', async (request, response) => {
    const { revision } = validatedQuery(RevisionNumber, { revision: request.params.revision });
    response.json(await revisions.read(whose(response), idIn(request.params), revision));
  });
  return router;
}
