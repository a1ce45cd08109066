import { whose } from '../whose/decide';
import { AtRevision, KeepRow, LARGEST_BODY } from '@zabble/contract';
import type { Customer, MaterialOf, OwnSlideOf, Supplier } from '@zabble/core';
import { Router } from 'express';
import { idIn } from '../http/id';
import { jsonBody } from '../http/body';
import { validated, validatedQuery } from '../http/validate';
import type { ShopRowService } from './service';

export interface ShopLists {
  readonly slides: ShopRowService<OwnSlideOf<string>>;
  readonly materials: ShopRowService<MaterialOf<string>>;
  readonly suppliers: ShopRowService<Supplier>;
  readonly customers: ShopRowService<Customer>;
}

/** What the shop keeps across jobs, each list to be read, kept (one to a name) and deleted from. */
export function shopRouter({ slides, materials, suppliers, customers }: ShopLists): Router {
  const router = Router();
  router.use('/slides', rowsRouter(slides));
  router.use('/materials', rowsRouter(materials));
  router.use('/suppliers', rowsRouter(suppliers));
  router.use('/customers', rowsRouter(customers));
  return router;
}

function rowsRouter<T extends { readonly name?: string }>(rows: ShopRowService<T>): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await rows.list(whose(response)));
  });
  router.put('/', jsonBody(LARGEST_BODY), async (request, response) => {
    const { row, revision } = validated(KeepRow, request.body);
    response.json(await rows.keep(whose(response), row, revision));
  });
  router.delete('/:id', async (request, response) => {
    const { revision } = validatedQuery(AtRevision, request.query);
    await rows.delete(whose(response), idIn(request.params), revision);
    response.status(204).end();
  });
  return router;
}
