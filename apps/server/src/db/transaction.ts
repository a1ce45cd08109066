import type { Pool, PoolConnection } from 'mysql2/promise';
import { againWhile } from './again';
import { isOfSeveral, letGo } from './pool';

/** Other than the database's own level. */
type Isolation = 'READ COMMITTED';

/**
 * All of `work` or nothing of it. `work` may run again from the start where another transaction stood in its way, or the
 * node it was done on went away before it was to be kept.
 */
export function inTransaction<T>(
  pool: Pool,
  work: (connection: PoolConnection) => Promise<T>,
  level?: Isolation,
): Promise<T> {
  return againWhile(() => once(pool, work, level), { several: isOfSeveral(pool), looks: false });
}

async function once<T>(
  pool: Pool,
  work: (connection: PoolConnection) => Promise<T>,
  level: Isolation | undefined,
): Promise<T> {
  const connection = await pool.getConnection();
  let committing = false;
  let trouble: unknown;
  try {
    if (level) await connection.query(`SET TRANSACTION ISOLATION LEVEL ${level}`);
    await connection.beginTransaction();
    const done = await work(connection);
    committing = true;
    await connection.commit();
    return done;
  } catch (problem) {
    trouble = problem;
    // What came before the commit left nothing behind, whatever became of the connection: the error says so.
    if (!committing && problem instanceof Error) Object.assign(problem, { leftNothing: true });
    await connection.rollback().catch(() => undefined);
    if (problem instanceof RolledBack) return problem.outcome as T;
    throw problem;
  } finally {
    letGo(pool, connection, trouble);
  }
}

/** Thrown by the work of a transaction that is to leave nothing behind: the transaction answers with its outcome. */
export class RolledBack<T> extends Error {
  constructor(readonly outcome: T) {
    super('rolled back');
  }
}
