import type { Socket } from 'node:net';
import { createPool, type Pool, type PoolOptions } from 'mysql2/promise';

/** So many talk to the database at once; so many more wait for their turn, and the rest are told to come again. */
const CONNECTIONS = 8;
const MOST_WAITING = 200;
/** A statement that takes longer is given up by the database, in seconds; so is waiting for another's lock. */
const LONGEST_STATEMENT = 8;
const LONGEST_LOCK = 5;
/** A database from which nothing is heard for so long does not answer, in milliseconds. */
const PATIENCE = 10_000;

/** So long a connection may take to be made, in milliseconds. */
const CONNECTING = 3000;

export interface PoolLimits {
  readonly connections?: number;
  readonly waiting?: number;
  /** In milliseconds. */
  readonly patience?: number;
}

/** A pool on the database of this URL, which never waits without end. Times are UTC both ways. */
export function openPool(
  url: string,
  { connections = CONNECTIONS, waiting = MOST_WAITING, patience = PATIENCE }: PoolLimits = {},
): Pool {
  const connectTimeout = Math.min(CONNECTING, patience);
  const pool = createPool({ ...optionsOn(url), connectionLimit: connections, queueLimit: waiting, connectTimeout });
  pool.pool.on('connection', (connection) => {
    connection.query(
      `SET SESSION max_statement_time = ${LONGEST_STATEMENT}, innodb_lock_wait_timeout = ${LONGEST_LOCK}`,
    );
    // A database that is stopped in its tracks keeps its connections open: nothing else would ever end the wait. One that
    // merely rests is closed too, and opened again when it is needed.
    const { stream } = connection as unknown as { readonly stream: Socket };
    stream.setTimeout(patience, () =>
      stream.destroy(Object.assign(new Error('the database does not answer'), { code: 'ETIMEDOUT' })),
    );
  });
  return pool;
}

/** A pool for what may take as long as it takes: one connection, without limits. */
export function openPatientPool(url: string): Pool {
  return createPool({ ...optionsOn(url), connectionLimit: 1, connectTimeout: CONNECTING });
}

function optionsOn(url: string): PoolOptions {
  return { uri: url, charset: 'utf8mb4', timezone: 'Z', supportBigNumbers: true };
}

/** Whether the database answers within so many milliseconds. */
export async function answers(pool: Pool, within = 1000): Promise<boolean> {
  let late: NodeJS.Timeout | undefined;
  const waited = new Promise<false>((resolve) => {
    late = setTimeout(() => resolve(false), within);
  });
  const asked = pool.query('SELECT 1').then(
    () => true,
    () => false,
  );
  const answer = await Promise.race([asked, waited]);
  clearTimeout(late);
  return answer;
}
