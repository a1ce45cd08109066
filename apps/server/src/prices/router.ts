import { whose } from '../whose/decide';
import { Router } from 'express';
import type { PriceService } from './service';

/** /api/shop/prices: the supplier's list as last asked for; refresh asks again. */
export function pricesRouter(prices: PriceService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await prices.list(whose(response)));
  });
  router.post('/refresh', async (_request, response) => {
    response.json(await prices.refresh(whose(response)));
  });
  return router;
}
