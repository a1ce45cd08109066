import { Here, LARGEST_BODY } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { validated } from '../http/validate';
import { doneBy, whose } from '../whose/decide';
import type { PresentService } from './service';

/** /api/jobs/ID/here: a page has it open; who else has. */
export function presentRouter(present: PresentService): Router {
  const router = Router();
  router.post('/:id/here', jsonBody(LARGEST_BODY / 100), async (request, response) => {
    const here = doneBy(response, validated(Here, request.body));
    response.json(await present.here(whose(response), idIn(request.params), here));
  });
  return router;
}
