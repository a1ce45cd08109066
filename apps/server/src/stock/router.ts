import {
  AddStock,
  BookingsQuery,
  BookLayout,
  KeepStock,
  LARGEST_BODY,
  StockId,
  type BookingList,
  type StockList,
} from '@zabble/contract';
import { readStockItem, type StockItemOf, said } from '@zabble/core';
import express, { Router } from 'express';
import { refuse, unreadable } from '../http/refusal';
import { validated } from '../http/validate';
import type { StockRepository } from './repository';

/** /api/shop/stock and /api/shop/bookings: the rack, and what layouts took from it and left there. */
export function stockRouter(stock: StockRepository): Router {
  const router = Router();
  const json = express.json({ limit: LARGEST_BODY });
  const listed = async (): Promise<StockList> => ({ items: await stock.list() });
  router.get('/stock', async (_request, response) => {
    response.json(await listed());
  });
  router.post('/stock/list', json, async (request, response) => {
    await stock.add(validated(AddStock, request.body).items.map(readItem));
    response.json(await listed());
  });
  router.put('/stock/:id', json, async (request, response) => {
    const { id } = validated(StockId, request.params);
    await stock.keep(id, readItem(validated(KeepStock, request.body).item));
    response.json(await listed());
  });
  router.delete('/stock/:id', async (request, response) => {
    const { id } = validated(StockId, request.params);
    if (!(await stock.delete(id))) throw refuse(404, said('not-in-rack'));
    response.json(await listed());
  });
  router.get('/bookings', async (request, response) => {
    const { job } = validated(BookingsQuery, { ...request.query });
    const list: BookingList = { items: await stock.bookings(job) };
    response.json(list);
  });
  router.post('/bookings', json, async (request, response) => {
    const { brought, ...wish } = validated(BookLayout, request.body);
    await stock.book({ ...wish, brought: brought.map(readItem) });
    response.json(await listed());
  });
  router.post('/bookings/:id/undo', async (request, response) => {
    await stock.undo(validated(StockId, request.params).id);
    response.json(await listed());
  });
  return router;
}

function readItem(value: object): StockItemOf<string> {
  const reading = readStockItem(value);
  if (reading.ok) return value as StockItemOf<string>;
  throw unreadable('stock', reading.errors);
}
