import type { NextFunction, Request, RequestHandler, Response } from 'express';

/** Several steps of a request as one: a router goes from one to the next at a cost of its own. */
export function together(...steps: readonly RequestHandler[]): RequestHandler {
  return (request: Request, response: Response, next: NextFunction): void => {
    let at = 0;
    const go = (problem?: unknown): void => {
      const step = problem === undefined ? steps[at] : undefined;
      at += 1;
      if (step) void step(request, response, go);
      else next(problem);
    };
    go();
  };
}
