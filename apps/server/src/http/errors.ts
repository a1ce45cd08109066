import { said } from '@zabble/core';
import type { Problem } from '@zabble/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { Refusal, problemOf } from './refusal';

/** Says errors as JSON with a sentence; what was not foreseen is logged and its details stay inside. */
export const sayErrors: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const problem = answerTo(error, request.method);
  if (problem.status >= 500) request.log.error({ err: error }, problem.says);
  response.status(problem.status).json(problem);
};

export const nothingHere: RequestHandler = (request, response) => {
  const path = request.originalUrl.split('?')[0] ?? '';
  response.status(404).json(problemOf(404, said('nothing-at', { method: request.method, path })));
};

/** What is answered to an error: its own refusal, or what can be said of what nobody foresaw. */
export function answerTo(error: unknown, method = 'GET'): Problem {
  if (error instanceof Refusal) return error.problem;
  const { type, code, limit } = error as { type?: string; code?: string; limit?: number };
  if (type === 'entity.too.large') return problemOf(413, said('too-large', { limit: limit ?? 0 }));
  if (type === 'entity.parse.failed') return problemOf(400, said('sent-no-json'));
  if (type !== undefined && type.startsWith('encoding')) return problemOf(415, said('sent-encoding'));
  if (error instanceof URIError) return problemOf(400, said('address-unreadable'));
  return troubleOf(error, code, method) ?? problemOf(500, said('server-wrong'));
}

/** What the database has to do with it. */
function troubleOf(error: unknown, code: string | undefined, method: string): Problem | undefined {
  if (isTooMuch(error)) return problemOf(503, said('too-busy'));
  if (isFullDisk(code)) return problemOf(503, said('disk-full'));
  if (!isConnectionTrouble(code)) return undefined;
  return problemOf(503, mayBeDone(error, method) ? said('outcome-unknown') : said('database-away'));
}

/** What no database was ever reached with, or what only looks, or was taken back, changed nothing; else nobody knows. */
function mayBeDone(error: unknown, method: string): boolean {
  const { code = '', syscall, leftNothing } = error as { code?: string; syscall?: string; leftNothing?: boolean };
  const neverSent =
    syscall === 'connect' || /^(?:ECONNREFUSED|ENOTFOUND|ER_CON_COUNT|ER_UNKNOWN_COM_ERROR|QUEUE_)/.test(code);
  return method !== 'GET' && method !== 'HEAD' && !neverSent && leftNothing !== true;
}

const TOO_MUCH: ReadonlySet<string> = new Set(['ER_STATEMENT_TIMEOUT', 'ER_LOCK_WAIT_TIMEOUT', 'ER_LOCK_DEADLOCK']);

/** More wait for the database already than are let wait; or it took too long for one. Nothing was changed by it. */
function isTooMuch(error: unknown): boolean {
  const { code, message = '' } = error as { code?: string; message?: string };
  return message.startsWith('Queue limit') || TOO_MUCH.has(code ?? '');
}

function isFullDisk(code: string | undefined): boolean {
  return code === 'ER_RECORD_FILE_FULL' || code === 'ER_DISK_FULL';
}

function isConnectionTrouble(code: string | undefined): boolean {
  return (
    code !== undefined &&
    /^(ECONN|ETIMEDOUT|EPIPE|PROTOCOL_|ER_CON_COUNT|ER_SERVER_SHUTDOWN|ER_UNKNOWN_COM_ERROR|ENOTFOUND)/.test(code)
  );
}
