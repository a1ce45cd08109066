import { whose } from '../whose/decide';
import { said } from '@zabble/core';
import {
  ImportQuery,
  JobListQuery,
  LARGEST_BODY,
  LARGEST_FILE,
  NewJob,
  ReplaceJob,
  type StoredJob,
} from '@zabble/contract';
import { Router, type IRouter, type RequestHandler } from 'express';
import { answer } from '../http/answer';
import { idIn } from '../http/id';
import { few } from '../http/few';
import { jsonBody, textBody } from '../http/body';
import { refuse } from '../http/refusal';
import { validated, validatedQuery } from '../http/validate';
import type { LookUp } from '../found/look-up';
import type { JobService } from './service';
import { textOf } from './text';

/** Job files may be long: so many are read at once, and so many more wait. */
const IMPORTS = 4;
const MOST_WAITING = 200;

/** A job as it is kept, its document written as it came where it did not change on the way. */
function storedText({ document, ...job }: StoredJob): string {
  return `${JSON.stringify(job).slice(0, -1)},"document":${textOf(document)}}`;
}

/**
 * /api/jobs: save and create, which is asked most, at the application itself: soonest found. `first` is what comes before
 * everything that is asked.
 */
export function saveJobs(app: IRouter, first: RequestHandler, jobs: JobService): void {
  const asJson = jsonBody(LARGEST_BODY);
  app.put('/api/jobs/:id', first, asJson, async (request, response) => {
    const id = idIn(request.params);
    answer(response, await jobs.replace(whose(response), id, validated(ReplaceJob, request.body)));
  });
  app.post('/api/jobs', first, asJson, async (request, response) => {
    const { document, id } = validated(NewJob, request.body);
    answer(response, storedText(await jobs.create(whose(response), document, id)), 201);
  });
}

/** /api/jobs: list, import, read, delete and restore. */
export function jobsRouter(jobs: JobService, lookUp: LookUp): Router {
  const router = Router();
  const asText = textBody(LARGEST_FILE);

  router.get(
    '/',
    ...lookUp((request, response) => ({
      what: 'jobs',
      shop: whose(response),
      query: { ...validatedQuery(JobListQuery, request.query) },
    })),
  );
  router.post('/import', few(IMPORTS, MOST_WAITING), asText, async (request, response) => {
    const text: unknown = request.body;
    if (typeof text !== 'string') throw refuse(415, said('job-file-type'));
    response
      .status(201)
      .json(await jobs.importFile(whose(response), text, validatedQuery(ImportQuery, request.query).id));
  });
  router.get('/:id', async (request, response) => {
    response.json(await jobs.read(whose(response), idIn(request.params)));
  });
  router.delete('/:id', async (request, response) => {
    await jobs.delete(whose(response), idIn(request.params));
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await jobs.restore(whose(response), idIn(request.params)));
  });
  return router;
}
