import { AuditQuery, ChangeRole, Invite, LARGEST_BODY, WithPassword } from '@zabble/contract';
import { said } from '@zabble/core';
import { Router, type RequestHandler } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { refuse } from '../http/refusal';
import { validated, validatedQuery } from '../http/validate';
import { asking } from '../whose/decide';
import type { CrewService } from './crew-service';

/** /api/shop/crew: the people of the shop, for its owners. */
export function crewRouter(crew: CrewService): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY / 100);
  router.use(onlyOwners);
  router.get('/', async (_request, response) => {
    response.json(await crew.read(asking(response)));
  });
  router.post('/invitations', json, async (request, response) => {
    response.status(201).json(await crew.invite(asking(response), validated(Invite, request.body)));
  });
  router.delete('/invitations/:id', async (request, response) => {
    response.json(await crew.withdraw(asking(response), idIn(request.params)));
  });
  router.put('/members/:id', json, async (request, response) => {
    const { role } = validated(ChangeRole, request.body);
    response.json(await crew.change(asking(response), idIn(request.params), role));
  });
  router.delete('/members/:id', async (request, response) => {
    response.json(await crew.change(asking(response), idIn(request.params), undefined));
  });
  router.post('/deleted', json, async (request, response) => {
    await crew.delete(asking(response), validated(WithPassword, request.body).password);
    response.status(204).end();
  });
  router.get('/audit', async (request, response) => {
    response.json(await crew.audit(asking(response), validatedQuery(AuditQuery, request.query).before));
  });
  return router;
}

/** Said here as well as among the rights: nothing else in the server hands out who may do what. */
export const onlyOwners: RequestHandler = (_request, response, next) => {
  next(asking(response).role === 'owner' ? undefined : refuse(403, said('not-your-role')));
};
