import 'reflect-metadata';
import { workerData } from 'node:worker_threads';
import { openPool } from '../db/pool';
import { Answers } from './answers';
import { lookingOn } from './looking-on';

/** So many look things up at once. */
const CONNECTIONS = 3;

/** What the thread is told as it begins: where to look, and the counter of what was asked of the server. */
export interface LookingData {
  readonly databaseUrl: string;
  readonly asked: Uint32Array<SharedArrayBuffer>;
}

const { databaseUrl, asked } = workerData as LookingData;

export default lookingOn(
  new Answers(openPool(databaseUrl, { connections: CONNECTIONS })),
  asked,
  (text) => void process.stderr.write(text),
);
