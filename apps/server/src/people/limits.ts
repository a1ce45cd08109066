import type { RequestHandler } from 'express';
import { asking } from '../whose/decide';
import { pathOf } from './allow';
import type { Attempts } from './attempts';

/** What brings much in: photographs, and job files with their logs. */
const UPLOAD = /^\/jobs\/(?:import|[^/]+\/photos\/[^/]+)\/?$/i;

/** So much of it a day by one person; 429 beyond that, before anything of it is read. */
export function limits(attempts: Attempts): RequestHandler {
  return (request, response, next) => {
    const { person } = asking(response);
    const isUpload = /^(?:PUT|POST)$/.test(request.method) && UPLOAD.test(pathOf(request.originalUrl));
    if (!person || !isUpload) next();
    else attempts.count('upload', person.id).then(() => next(), next);
  };
}
