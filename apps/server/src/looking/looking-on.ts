import type { Question } from '../found/question';
import type { Answers } from './answers';

/** What comes back: the answer, or why there is none, with what an error loses between threads. */
export type Looked =
  | { readonly text: string }
  | { readonly failed: { readonly message: string; readonly code: string | undefined } };

/**
 * Answers one question after another, and settles meanwhile: by how much was `asked` of the server, and what can't be
 * settled is written down.
 */
export function lookingOn(
  answers: Pick<Answers, 'ask' | 'settling'>,
  asked: Uint32Array,
  write: (text: string) => void,
): (question: Question) => Promise<Looked> {
  answers.settling.byAndBy(
    (problem) => write(`The record could not be settled: ${(problem as Error).message}\n`),
    () => Atomics.load(asked, 0),
  );
  return async (question) => {
    try {
      return { text: await answers.ask(question) };
    } catch (problem) {
      const { message, code } = problem as { message: string; code?: string };
      return { failed: { message, code } };
    }
  };
}
