import { LARGEST_BODY, TurnSupplier, type BookPrice } from '@zabble/contract';
import { readPriceRows, said, shown } from '@zabble/core';
import { Router } from 'express';
import Papa from 'papaparse';
import { jsonBody } from '../http/body';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { SupplierClient } from './client';

/** /api/shop/supplier: the supplier’s prices as it tells them now; and, as it is a stand-in, its clock and its moods. */
export function supplierRouter(supplier: SupplierClient): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await supplier.standsAs());
  });
  router.post('/', jsonBody(LARGEST_BODY), async (request, response) => {
    response.json(await supplier.turn(validated(TurnSupplier, request.body)));
  });
  router.get('/prices', async (_request, response) => {
    response.json({ prices: pricesIn(await supplier.prices()) });
  });
  return router;
}

/** All of a list or nothing of it. */
function pricesIn(text: string): readonly BookPrice[] {
  const { prices, wrong } = readPriceRows(Papa.parse<string[]>(text).data);
  if (wrong.length > 0 || prices.length === 0) throw refuse(502, said('supplier-unread', { status: 200 }));
  return prices.map(({ pack, ...price }) => ({ ...price, pack: shown(pack) }));
}
