import { DropPrices, KeepCosting, KeepPrices, LARGEST_BODY, SettleJob } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { idIn } from '../http/id';
import { validated } from '../http/validate';
import { whose } from '../whose/decide';
import type { CostingService } from './service';
import type { SettledService } from './settled-service';

/** /api/shop/costing: the price book, and what the shop says of all its prices. */
export function costingRouter(costing: CostingService, settled: SettledService): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY);
  router.get('/', async (_request, response) => {
    response.json(await costing.read(whose(response)));
  });
  router.put('/', json, async (request, response) => {
    const { settings, revision } = validated(KeepCosting, request.body);
    response.json(await costing.keepSettings(whose(response), settings, revision));
  });
  router.put('/prices', json, async (request, response) => {
    response.json(await costing.keep(whose(response), validated(KeepPrices, request.body).prices));
  });
  router.post('/prices/dropped', json, async (request, response) => {
    response.json(await costing.drop(whose(response), validated(DropPrices, request.body).keys));
  });
  router.get('/learned', async (_request, response) => {
    response.json(await settled.learned(whose(response)));
  });
  router.put('/settled/:id', json, async (request, response) => {
    const learned = validated(SettleJob, request.body);
    response.json(await settled.settle(whose(response), idIn(request.params), learned));
  });
  return router;
}
