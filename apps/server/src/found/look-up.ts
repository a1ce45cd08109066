import type { Request, RequestHandler, Response } from 'express';
import { few } from '../http/few';
import type { Looking, Question } from './question';

/** So many questions are answered beside each other; so many more wait for their turn. */
const AT_ONCE = 3;
const MOST_WAITING = 200;

/** Makes what answers a request with what is looked up. */
export type LookUp = (question: (request: Request, response: Response) => Question) => readonly RequestHandler[];

/**
 * All that is looked up takes turns: a question whose asker is gone before its turn is not begun. One that is begun is
 * answered to its end, for others are answered beside it.
 */
export function lookingUp(looking: Looking): LookUp {
  const turn = few(AT_ONCE, MOST_WAITING);
  return (question) => [
    turn,
    async (request, response) => {
      response.type('json').send(await looking.ask(question(request, response)));
    },
  ];
}
