import type { Problem } from '@zabble/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { Refusal } from './refusal';

/** Says errors as JSON with a sentence; what was not foreseen is logged and its details stay inside. */
export const sayErrors: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const problem = problemOf(error);
  if (problem.status >= 500) request.log.error({ err: error }, problem.says);
  response.status(problem.status).json(problem);
};

export const nothingHere: RequestHandler = (request, response) => {
  const problem: Problem = {
    status: 404,
    says: `There is nothing at ${request.method} ${request.originalUrl.split('?')[0]}.`,
  };
  response.status(404).json(problem);
};

function problemOf(error: unknown): Problem {
  if (error instanceof Refusal) return error.problem;
  const { type, code, limit } = error as { type?: string; code?: string; limit?: number };
  if (type === 'entity.too.large')
    return { status: 413, says: `That is over ${limit ?? 0} bytes, more than a job takes. Nothing was changed.` };
  if (type === 'entity.parse.failed') return { status: 400, says: 'What was sent is not JSON. Nothing was changed.' };
  if (type !== undefined && type.startsWith('encoding'))
    return { status: 415, says: 'What was sent is in an encoding that can’t be read. Nothing was changed.' };
  if (isConnectionTrouble(code))
    return { status: 503, says: 'The database does not answer. Nothing was changed; try again in a moment.' };
  return { status: 500, says: 'Something went wrong in the server. Nothing was changed; its log has the details.' };
}

function isConnectionTrouble(code: string | undefined): boolean {
  return (
    code !== undefined && /^(ECONN|ETIMEDOUT|EPIPE|PROTOCOL_|ER_CON_COUNT|ER_SERVER_SHUTDOWN|ENOTFOUND)/.test(code)
  );
}
