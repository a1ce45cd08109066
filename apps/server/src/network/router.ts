import { LARGEST_BODY, SetNetwork } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { isNear } from '../http/near';
import { validated } from '../http/validate';
import { whose } from '../whose/decide';
import { onlyNear } from './gate';
import type { NetworkService } from './service';

/** /api/network: how the server can be reached, and by whom. Where people sign in, no network is let in besides. */
export function networkRouter(network: NetworkService, shared = false): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await network.state(whose(response), !shared && isNear(request)));
  });
  if (shared) return router;
  router.use(onlyNear);
  router.put('/', jsonBody(LARGEST_BODY), async (request, response) => {
    response.json(await network.set(whose(response), validated(SetNetwork, request.body)));
  });
  router.post('/code', async (_request, response) => {
    response.json(await network.code(whose(response)));
  });
  router.delete('/devices/:id', async (request, response) => {
    await network.withdraw(whose(response), idIn(request.params));
    response.status(204).end();
  });
  return router;
}
