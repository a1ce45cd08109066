import { RevisionNumber } from '@zabble/contract';
import { said } from '@zabble/core';
import { Router } from 'express';
import { idIn } from '../http/id';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { JobService } from '../jobs/service';
import { whose } from '../whose/decide';
import type { RevisionRepository } from './repository';

/** /api/jobs/ID/revisions: how the job stood before, looked at. What is brought back is saved as any other edit. */
export function revisionsRouter(revisions: RevisionRepository, jobs: JobService): Router {
  const router = Router();
  router.get('/:id/revisions', async (request, response) => {
    const id = idIn(request.params);
    await jobs.assert(whose(response), id);
    response.json(await revisions.list(whose(response), id));
  });
  router.get('/:id/revisions/:revision', async (request, response) => {
    const { revision } = validated(RevisionNumber, { revision: request.params.revision });
    const found = await revisions.find(whose(response), idIn(request.params), revision);
    if (!found) throw refuse(404, said('no-such-revision', { revision }));
    response.json(found);
  });
  return router;
}
