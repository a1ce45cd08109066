import type { NextFunction, Request, RequestHandler, Response } from 'express';

/**
 * Several steps of a request as one: a router goes from one to the next at a cost of its own. What a step throws is
 * answered, also where the one before it took a while.
 */
export function together(...steps: readonly RequestHandler[]): RequestHandler {
  return (request: Request, response: Response, next: NextFunction): void => {
    let at = 0;
    const go = (problem?: unknown): void => {
      const step = problem === undefined ? steps[at] : undefined;
      at += 1;
      if (!step) {
        next(problem);
        return;
      }
      try {
        void step(request, response, go);
      } catch (thrown) {
        next(thrown);
      }
    };
    go();
  };
}
