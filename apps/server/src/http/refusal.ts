import type { Conflict, Problem, RowConflict } from '@zabble/contract';
import { ENGLISH, millimetres, said, wordsIn, type JobError, type Said } from '@zabble/core';

/** How refusals are said: they have no lengths of a job in them. */
const WORDS = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });

/** What the server says outside of refusals. */
export function inWords(what: Said): string {
  return WORDS.say(what);
}

/** An answer other than yes: its status and the sentence the person reads. */
export class Refusal extends Error {
  constructor(readonly problem: Problem | Conflict | RowConflict) {
    super(problem.says);
  }
}

/** What is answered, by its code. */
export function problemOf(status: number, what: Said, errors?: readonly JobError[]): Problem {
  const told = errors?.map((error) => ({ ...error, says: WORDS.say(error.said) }));
  return { status, said: what, says: WORDS.say(what), ...(told ? { errors: told } : {}) };
}

export function refuse(status: number, what: Said): Refusal {
  return new Refusal(problemOf(status, what));
}

/** What could not be read, with every field that is wrong in it. */
export function unreadable(
  what: 'job' | 'log' | 'stock' | 'slide' | 'material' | 'prices' | 'calendar' | 'supplier' | 'customer',
  errors: readonly JobError[],
  done: 'changed' | 'kept' | 'printed' = 'changed',
): Refusal {
  const [first] = errors;
  const why = first && { path: first.path, why: first.said };
  return new Refusal(problemOf(422, said('unreadable', { what, first: why, done }), errors));
}
