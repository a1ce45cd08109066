import { whose } from '../whose/decide';
import { Router } from 'express';
import { jobFileName } from './file-name';
import { idIn } from '../http/id';
import type { JobFileService } from './service';

/** /api/jobs/ID/file: the job with its log, to be kept as a file. */
export function jobFileRouter(files: JobFileService): Router {
  return Router().get('/:id/file', async (request, response) => {
    const document = await files.whole(whose(response), idIn(request.params));
    response.attachment(jobFileName(document.name)).type('application/json');
    response.send(`${JSON.stringify(document, null, 2)}\n`);
  });
}
