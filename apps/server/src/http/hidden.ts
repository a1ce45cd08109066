import type { RequestHandler } from 'express';

/** For what whoever has a link may look at: kept in no cache, found by no search engine, told to no other page. */
export const hidden: RequestHandler = (_request, response, next) => {
  response.set({
    'Cache-Control': 'no-store',
    'X-Robots-Tag': 'noindex, nofollow, noarchive',
    'Referrer-Policy': 'no-referrer',
    'X-Content-Type-Options': 'nosniff',
    'Cross-Origin-Resource-Policy': 'same-origin',
  });
  next();
};
