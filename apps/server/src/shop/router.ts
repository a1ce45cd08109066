import { whose } from '../whose/decide';
import { AtRevision, KeepRow, LARGEST_BODY } from '@zabble/contract';
import type { MaterialOf, OwnSlideOf } from '@zabble/core';
import { Router } from 'express';
import { idIn } from '../http/id';
import { jsonBody } from '../http/body';
import { validated, validatedQuery } from '../http/validate';
import type { ShopRowService } from './service';

/** What the shop keeps across jobs: /slides and /materials, each to be listed, kept (one to a name) and deleted. */
export function shopRouter(
  slides: ShopRowService<OwnSlideOf<string>>,
  materials: ShopRowService<MaterialOf<string>>,
): Router {
  const router = Router();
  router.use('/slides', rowsRouter(slides));
  router.use('/materials', rowsRouter(materials));
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
