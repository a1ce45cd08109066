import { randomUUID } from 'node:crypto';
import { KeepRow, LARGEST_BODY, ShopRowId, type ShopRowList } from '@zabble/contract';
import { readShopMaterial, readShopRow, type JobError, type MaterialOf, type OwnSlideOf, said } from '@zabble/core';
import express, { Router } from 'express';
import { refuse, unreadable } from '../http/refusal';
import { validated } from '../http/validate';
import type { ShopRepository } from './repository';

interface Named {
  readonly name?: string;
}
type RowReading<T> =
  { readonly ok: true; readonly row: T } | { readonly ok: false; readonly errors: readonly JobError[] };

/** What the shop keeps across jobs: /slides and /materials, each to be listed, kept (one to a name) and deleted. */
export function shopRouter(
  slides: ShopRepository<OwnSlideOf<string>>,
  materials: ShopRepository<MaterialOf<string>>,
): Router {
  const router = Router();
  router.use('/slides', rowsRouter(slides, readShopRow, 'slide'));
  router.use('/materials', rowsRouter(materials, readShopMaterial, 'material'));
  return router;
}

function rowsRouter<T extends Named>(
  shop: ShopRepository<T>,
  read: (value: unknown) => RowReading<T>,
  what: 'slide' | 'material',
): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    const list: ShopRowList<T> = { items: await shop.list() };
    response.json(list);
  });
  router.put('/', express.json({ limit: LARGEST_BODY }), async (request, response) => {
    const { row, name } = readRow(read(validated(KeepRow, request.body).row), what);
    response.json(await shop.keep(randomUUID(), name, row));
  });
  router.delete('/:id', async (request, response) => {
    const { id } = validated(ShopRowId, request.params);
    if (!(await shop.delete(id))) throw refuse(404, said('not-in-shop', { what }));
    response.status(204).end();
  });
  return router;
}

/** A row that can be read and has a name to be found by. */
function readRow<T extends Named>(
  reading: RowReading<T>,
  what: 'slide' | 'material',
): { readonly row: T; readonly name: string } {
  if (!reading.ok) throw unreadable(what, reading.errors);
  const name = reading.row.name?.trim();
  if (!name) throw refuse(422, said('no-name', { what }));
  return { row: reading.row, name };
}
