import { said } from '@zabble/core';
import { LARGEST_PICTURE, PhotoId, type PhotoKept } from '@zabble/contract';
import express, { Router } from 'express';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { JobService } from '../jobs/service';
import { pictureFrom } from './picture';
import type { PhotoRepository } from './repository';

/** /api/jobs/ID/photos/PHOTO: keep a picture, and show it: as a JPEG and nothing else. */
export function photosRouter(photos: PhotoRepository, jobs: JobService): Router {
  const router = Router();
  const anything = express.raw({ type: () => true, limit: LARGEST_PICTURE });
  router.put('/:id/photos/:photo', anything, async (request, response) => {
    const { id, photo } = validated(PhotoId, request.params);
    await jobs.read(id);
    const picture = await pictureFrom(request.body, request.get('content-type'));
    await photos.keep(id, photo, picture);
    const { width, height } = picture;
    response.status(201).json({ id: photo, width, height } satisfies PhotoKept);
  });
  router.get('/:id/photos/:photo', async (request, response) => {
    const { id, photo } = validated(PhotoId, request.params);
    const data = await photos.find(id, photo);
    if (!data) throw refuse(404, said('no-photo'));
    response.set({
      'Content-Type': 'image/jpeg',
      'Content-Disposition': 'inline; filename="photograph.jpg"',
      'Content-Security-Policy': "default-src 'none'; sandbox",
      'Cache-Control': 'private, max-age=31536000, immutable',
    });
    response.send(data);
  });
  return router;
}
