import { ENGLISH, millimetres, wordsIn, type JobError } from '@zabble/core';

/** What a command prints and how it ends. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 2;
}

/** What can’t be read: one error a line with the path of its field. */
export function refused(errors: readonly JobError[]): Outcome {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
  return { out: '', err: errors.map(({ path, said }) => `${path}: ${words.say(said)}\n`).join(''), code: 2 };
}
