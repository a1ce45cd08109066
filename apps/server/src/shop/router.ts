import { randomUUID } from 'node:crypto';
import { KeepRow, LARGEST_BODY, ShopRowId, type ShopRowList } from '@zabble/contract';
import { readShopMaterial, readShopRow, type JobError, type MaterialOf, type OwnSlideOf } from '@zabble/core';
import express, { Router } from 'express';
import { Refusal, refuse } from '../http/refusal';
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
  what: string,
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
    if (!(await shop.delete(id))) throw refuse(404, `There is no ${what} with this id in the shop’s list.`);
    response.status(204).end();
  });
  return router;
}

/** A row that can be read and has a name to be found by. */
function readRow<T extends Named>(reading: RowReading<T>, what: string): { readonly row: T; readonly name: string } {
  if (!reading.ok) {
    const [first] = reading.errors;
    const says = `The ${what} can’t be read: ${first?.path ?? 'row'}: ${first?.says ?? 'it holds an error'}. Nothing was changed.`;
    throw new Refusal({ status: 422, says, errors: reading.errors });
  }
  const name = reading.row.name?.trim();
  if (!name) throw refuse(422, `The ${what} has no name to be found by. Nothing was changed.`);
  return { row: reading.row, name };
}
