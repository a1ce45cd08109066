import { whose } from '../whose/decide';
import { said } from '@zabble/core';
import { ImportQuery, JobListQuery, LARGEST_BODY, LARGEST_FILE, NewJob, ReplaceJob } from '@zabble/contract';
import { Router } from 'express';
import { idIn } from '../http/id';
import { few } from '../http/few';
import { jsonBody, textBody } from '../http/body';
import { refuse } from '../http/refusal';
import { validated } from '../http/validate';
import type { LookUp } from '../found/look-up';
import type { JobService } from './service';

/** Job files may be long: so many are read at once, and so many more wait. */
const IMPORTS = 4;
const MOST_WAITING = 200;

/** /api/jobs: list, create, import, read, replace, delete and restore. */
export function jobsRouter(jobs: JobService, lookUp: LookUp): Router {
  const router = Router();
  const asText = textBody(LARGEST_FILE);
  const asJson = jsonBody(LARGEST_BODY);

  // First, for what is asked most is then found soonest.
  router.put('/:id', asJson, async (request, response) => {
    const id = idIn(request.params);
    response.json(await jobs.replace(whose(response), id, validated(ReplaceJob, request.body)));
  });
  router.get(
    '/',
    ...lookUp((request, response) => ({
      what: 'jobs',
      shop: whose(response),
      query: { ...validated(JobListQuery, { ...request.query }) },
    })),
  );
  router.post('/import', few(IMPORTS, MOST_WAITING), asText, async (request, response) => {
    const text: unknown = request.body;
    if (typeof text !== 'string') throw refuse(415, said('job-file-type'));
    response
      .status(201)
      .json(await jobs.importFile(whose(response), text, validated(ImportQuery, { ...request.query }).id));
  });
  router.post('/', asJson, async (request, response) => {
    const { document, id } = validated(NewJob, request.body);
    response.status(201).json(await jobs.create(whose(response), document, id));
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
