import type { RequestHandler, Response } from 'express';
import type { Looking, Question } from './question';

/** Answers what is looked up, as long as somebody waits for it. */
export function lookUp(
  looking: Looking,
  question: (request: Parameters<RequestHandler>[0], response: Response) => Question,
): RequestHandler {
  return async (request, response) => {
    const gone = new AbortController();
    response.once('close', () => gone.abort());
    try {
      response.type('json').send(await looking.ask(question(request, response), gone.signal));
    } catch (problem) {
      if (!gone.signal.aborted) throw problem;
    }
  };
}
