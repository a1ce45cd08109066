import 'reflect-metadata';
import { workerData } from 'node:worker_threads';
import { openPool } from '../db/pool';
import { Answers } from './answers';
import type { Question } from '../found/question';

/** So many look things up at once. */
const CONNECTIONS = 3;

/** What the thread is told as it begins: where to look, and the counter of what was asked of the server. */
export interface LookingData {
  readonly databaseUrl: string;
  readonly asked: Uint32Array<SharedArrayBuffer>;
}

/** What comes back: the answer, or why there is none, with what an error loses between threads. */
export type Looked =
  | { readonly text: string }
  | { readonly failed: { readonly message: string; readonly code: string | undefined } };

const { databaseUrl, asked } = workerData as LookingData;
const answers = new Answers(openPool(databaseUrl, { connections: CONNECTIONS }));
answers.settling.byAndBy(
  (problem) => process.stderr.write(`The record could not be settled: ${(problem as Error).message}\n`),
  () => Atomics.load(asked, 0),
);

export default async function look(question: Question): Promise<Looked> {
  try {
    return { text: await answers.ask(question) };
  } catch (problem) {
    const { message, code } = problem as { message: string; code?: string };
    return { failed: { message, code } };
  }
}
