import { whose } from '../whose/decide';
import { LARGEST_PICTURE } from '@zabble/contract';
import express, { Router } from 'express';
import { few } from '../http/few';
import { idIn } from '../http/id';
import type { PhotoService } from './service';

/** So many pictures are read and written anew at once; so many more wait. */
const AT_ONCE = 2;
const MOST_WAITING = 30;

/** /api/jobs/ID/photos/PHOTO: keep a picture, and show it: as a JPEG and nothing else. */
export function photosRouter(photos: PhotoService): Router {
  const router = Router();
  const anything = express.raw({ type: () => true, limit: LARGEST_PICTURE });
  router.put('/:id/photos/:photo', few(AT_ONCE, MOST_WAITING), anything, async (request, response) => {
    const [id, photo] = [idIn(request.params), idIn(request.params, 'photo')];
    response.status(201).json(await photos.keep(whose(response), id, photo, request.body, request.get('content-type')));
  });
  router.get('/:id/photos/:photo', async (request, response) => {
    const [id, photo] = [idIn(request.params), idIn(request.params, 'photo')];
    const data = await photos.find(whose(response), id, photo);
    response.set({
      'Content-Type': 'image/jpeg',
      'Content-Disposition': 'inline; filename="photograph.jpg"',
      'Content-Security-Policy': "default-src 'none'; sandbox",
      'Cache-Control': 'private, no-cache',
      // It never changes, but it may go.
      ETag: `"${photo}"`,
    });
    response.send(data);
  });
  return router;
}
