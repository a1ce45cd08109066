import { whose } from '../whose/decide';
import {
  AddStock,
  AtRevision,
  BookingsQuery,
  BookLayout,
  ChangeStock,
  KeepStock,
  LARGEST_BODY,
} from '@zabble/contract';
import { Router } from 'express';
import { idIn } from '../http/id';
import { jsonBody } from '../http/body';
import { validated, validatedQuery } from '../http/validate';
import type { StockService } from './service';

/** /api/shop/stock and /api/shop/bookings: the rack, and what layouts took from it and left there. */
export function stockRouter(stock: StockService): Router {
  const router = Router();
  const json = jsonBody(LARGEST_BODY);
  router.get('/stock', async (_request, response) => {
    response.json(await stock.list(whose(response)));
  });
  router.post('/stock/list', json, async (request, response) => {
    response.json(await stock.add(whose(response), validated(AddStock, request.body).items));
  });
  router.put('/stock/:id', json, async (request, response) => {
    const id = idIn(request.params);
    const { item, revision } = validated(KeepStock, request.body);
    response.json(await stock.keep(whose(response), id, item, revision));
  });
  router.post('/stock/:id/count', json, async (request, response) => {
    const id = idIn(request.params);
    response.json(await stock.change(whose(response), id, validated(ChangeStock, request.body).by));
  });
  router.delete('/stock/:id', async (request, response) => {
    const { revision } = validatedQuery(AtRevision, request.query);
    response.json(await stock.delete(whose(response), idIn(request.params), revision));
  });
  router.get('/bookings', async (request, response) => {
    response.json(await stock.bookings(whose(response), validatedQuery(BookingsQuery, request.query).job));
  });
  router.post('/bookings', json, async (request, response) => {
    response.json(await stock.book(whose(response), validated(BookLayout, request.body)));
  });
  router.post('/bookings/:id/undo', async (request, response) => {
    response.json(await stock.undo(whose(response), idIn(request.params)));
  });
  return router;
}
