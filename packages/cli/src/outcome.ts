import { ENGLISH, millimetres, wordsIn, type JobError, type Said } from '@zabble/core';

/** What a command prints and how it ends. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 2;
}

/** A note beside what is printed: said on standard error, so that what is printed stays whole. */
export function noted(note: Said | undefined): string {
  return note ? `${wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) }).say(note)}\n` : '';
}

/** What can’t be read: one error a line with the path of its field. */
export function refused(errors: readonly JobError[]): Outcome {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
  return { out: '', err: errors.map(({ path, said }) => `${path}: ${words.say(said)}\n`).join(''), code: 2 };
}
