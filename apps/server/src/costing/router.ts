import { DropPrices, KeepCosting, KeepPrices, LARGEST_BODY } from '@zabble/contract';
import { Router } from 'express';
import { jsonBody } from '../http/body';
import { validated } from '../http/validate';
import { whose } from '../whose/decide';
import type { CostingService } from './service';

/** /api/shop/costing: the price book, and what the shop says of all its prices. */
export function costingRouter(costing: CostingService): Router {
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
  return router;
}
