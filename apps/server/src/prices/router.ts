import type { PriceList } from '@zabble/contract';
import { Router } from 'express';
import type { PriceRepository } from './repository';
import type { Supplier } from './simulated-supplier';

/** /api/shop/prices: the supplier's list as last asked for; refresh asks again. */
export function pricesRouter(prices: PriceRepository, supplier: Supplier): Router {
  const router = Router();
  const listed = async (): Promise<PriceList> => ({ items: await prices.list(), simulated: true });
  router.get('/', async (_request, response) => {
    response.json(await listed());
  });
  router.post('/refresh', async (_request, response) => {
    await prices.replace(await supplier());
    response.json(await listed());
  });
  return router;
}
