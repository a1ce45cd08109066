import { Router, type RequestHandler } from 'express';
import { pipeline } from 'node:stream/promises';
import { few } from '../http/few';
import { plainFileName } from '@zabble/core';
import { whose } from '../whose/decide';
import type { ShopFileService } from './service';

/** So many are brought in at once, and so many more wait. */
const AT_ONCE = 1;
const MOST_WAITING = 4;

/** /api/shop/crew/file: all of the shop as one file, out and in; for its owners, as everything under /crew. */
export function shopFileRouter(file: ShopFileService, allowed: RequestHandler): Router {
  const router = Router();
  router.use('/file', allowed);
  router.get('/file', async (_request, response) => {
    const { name, stream } = await file.out(whose(response));
    const called = `${plainFileName(name === '' ? 'zabble' : name)}.zabble-shop.gz`;
    response.set('Content-Type', 'application/gzip').set('Content-Disposition', `attachment; filename="${called}"`);
    await pipeline(stream, response).catch(() => response.destroy());
  });
  router.post('/file', few(AT_ONCE, MOST_WAITING), async (request, response) => {
    response.status(201).json({ rows: await file.bring(whose(response), request) });
  });
  return router;
}
