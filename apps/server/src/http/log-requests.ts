import type { RequestHandler } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

/** As it was asked, wherever in the application it is by now. */
function addressOf(request: { readonly url?: string; readonly originalUrl?: string }): string {
  return request.originalUrl ?? request.url ?? '';
}

/** What is written down of a request: neither who asked nor what was looked for. */
const LOGGED = {
  req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
    id,
    method,
    // The link of a quote, or of a shop’s days, opens it: it is no one else’s to read.
    path: url.split('?')[0]?.replace(/^\/([cq])\/.*/, '/$1/…'),
  }),
  res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
};

/** Writes down the requests of the API, where anybody asked for that; errors are always written to `request.log`. */
export function logRequests(logger: Logger): RequestHandler {
  if (logger.isLevelEnabled('info'))
    return pinoHttp({
      logger,
      serializers: LOGGED,
      autoLogging: { ignore: (request) => !addressOf(request).startsWith('/api/') },
    }) as RequestHandler;
  return (request, _response, next) => {
    request.log = logger;
    next();
  };
}
