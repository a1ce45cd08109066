import { randomUUID } from 'node:crypto';
import { KeepSlide, LARGEST_BODY, ShopSlideId, type ShopSlideList } from '@zabble/contract';
import { readShopRow, type OwnSlideOf } from '@zabble/core';
import express, { Router } from 'express';
import { Refusal, refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { ShopRepository } from './repository';

/** /api/shop/slides: the slides the shop keeps across jobs: list, keep (one to a name), delete. */
export function shopRouter(shop: ShopRepository): Router {
  const router = Router();
  router.get('/slides', async (_request, response) => {
    const list: ShopSlideList = { items: await shop.list() };
    response.json(list);
  });
  router.put('/slides', express.json({ limit: LARGEST_BODY }), async (request, response) => {
    const row = readRow(validated(KeepSlide, request.body).row);
    response.json(await shop.keep(randomUUID(), row.name.trim(), row));
  });
  router.delete('/slides/:id', async (request, response) => {
    const { id } = validated(ShopSlideId, request.params);
    if (!(await shop.delete(id))) throw refuse(404, 'There is no slide with this id in the shop’s list.');
    response.status(204).end();
  });
  return router;
}

/** A row that can be read and has a name to be found by. */
function readRow(value: object): OwnSlideOf<string> & { readonly name: string } {
  const reading = readShopRow(value);
  if (!reading.ok) {
    const [first] = reading.errors;
    const says = `The slide can’t be read: ${first?.path ?? 'row'}: ${first?.says ?? 'it holds an error'}. Nothing was changed.`;
    throw new Refusal({ status: 422, says, errors: reading.errors });
  }
  const { name } = reading.row;
  if (!name) throw refuse(422, 'The slide has no name to be found by. Nothing was changed.');
  return { ...reading.row, name };
}
