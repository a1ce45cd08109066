import type { Socket } from 'node:net';
import { createPool, type Pool, type PoolConnection } from 'mysql2/promise';
import { againWhile, isNodeAway } from './again';
import type { Nodes } from './nodes';
import { reachedBy } from './reached';

/** So many talk to the database at once; so many more wait for their turn, and the rest are told to come again. */
const CONNECTIONS = 8;
/** To several nodes more: while one is found to be away, what is to be kept waits for it, and who only looks is not to. */
const CONNECTIONS_TO_SEVERAL = 32;
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

/**
 * A pool on the database of this URL, which never waits without end; or on several nodes of one, their URLs with commas
 * between. Times are UTC both ways.
 */
export function openPool(
  urls: string,
  { connections, waiting = MOST_WAITING, patience = PATIENCE }: PoolLimits = {},
): Pool {
  const connectTimeout = Math.min(CONNECTING, patience);
  const { options, nodes } = reachedBy(urls);
  const most = connections ?? (nodes ? CONNECTIONS_TO_SEVERAL : CONNECTIONS);
  const pool = createPool({ ...options, connectionLimit: most, queueLimit: waiting, connectTimeout });
  // What was kept by way of another node is seen before anything is read or changed on this one.
  const seen = nodes ? ', wsrep_sync_wait = 7' : '';
  pool.pool.on('connection', (connection) => {
    connection.query(
      `SET SESSION max_statement_time = ${LONGEST_STATEMENT}, innodb_lock_wait_timeout = ${LONGEST_LOCK}${seen}`,
    );
    // A database that is stopped in its tracks keeps its connections open: nothing else would ever end the wait. One that
    // merely rests is closed too, and opened again when it is needed.
    const { stream } = connection as unknown as { readonly stream: Socket };
    nodes?.secured(stream);
    stream.setTimeout(patience, () =>
      stream.destroy(Object.assign(new Error('the database does not answer'), { code: 'ETIMEDOUT' })),
    );
  });
  return nodes ? overSeveral(pool, nodes) : againAlone(pool);
}

const several = new WeakMap<Pool, Nodes>();

/** Whether there is another node to turn to when one is away. */
export const isOfSeveral = (pool: Pool): boolean => several.has(pool);

/** Back to the pool; one of a node that is away is ended, so that the next is of another. */
export function letGo(pool: Pool, connection: PoolConnection, problem: unknown): void {
  const nodes = several.get(pool);
  if (!nodes || !isNodeAway(problem)) {
    connection.release();
    return;
  }
  const { stream } = connection.connection as unknown as { readonly stream: object };
  nodes.failed(stream);
  connection.destroy();
}

/** A statement on its own that another transaction stood in the way of did nothing: it is done again. */
function againAlone(pool: Pool): Pool {
  const again = (how: 'query' | 'execute') => {
    const once = pool[how].bind(pool) as (sql: string, values?: unknown) => Promise<unknown>;
    return (sql: string, values?: unknown) => againWhile(() => once(sql, values), { several: false, looks: false });
  };
  return Object.assign(pool, { query: again('query'), execute: again('execute') });
}

const LOOKS = /^\s*SELECT\b/i;

/** Statements on their own, and connections, are turned to the next node where one is away and nothing came of it. */
function overSeveral(pool: Pool, nodes: Nodes): Pool {
  several.set(pool, nodes);
  const connected = pool.getConnection.bind(pool);
  const alone =
    (how: 'query' | 'execute') =>
    (sql: string, values?: unknown): Promise<unknown> =>
      againWhile(
        async () => {
          const connection = await connected();
          let trouble: unknown;
          try {
            return await (connection[how] as (sql: string, values: unknown) => Promise<unknown>).call(
              connection,
              sql,
              values,
            );
          } catch (problem) {
            trouble = problem;
            throw problem;
          } finally {
            letGo(pool, connection, trouble);
          }
        },
        { several: true, looks: LOOKS.test(sql) },
      );
  const getConnection = (): Promise<PoolConnection> => againWhile(connected, { several: true, looks: true });
  return Object.assign(pool, { getConnection, query: alone('query'), execute: alone('execute') });
}

/** A pool for what may take as long as it takes: without limits. */
export function openPatientPool(urls: string): Pool {
  const { options, nodes } = reachedBy(urls);
  const pool = createPool({ ...options, connectionLimit: 2, connectTimeout: CONNECTING });
  return nodes ? overSeveral(pool, nodes) : pool;
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
