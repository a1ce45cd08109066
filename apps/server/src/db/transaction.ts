import type { Pool, PoolConnection } from 'mysql2/promise';

/** Transactions that lock one another are told apart by the database: one is undone, and begun again so often. */
const TRIES = 6;

/** Other than the database's own level. */
type Isolation = 'READ COMMITTED';

/** All of `work` or nothing of it. `work` may run again from the start where another transaction stood in its way. */
export async function inTransaction<T>(
  pool: Pool,
  work: (connection: PoolConnection) => Promise<T>,
  level?: Isolation,
): Promise<T> {
  for (let tried = 1; ; tried += 1) {
    try {
      return await once(pool, work, level);
    } catch (problem) {
      if (tried === TRIES || (problem as { code?: string }).code !== 'ER_LOCK_DEADLOCK') throw problem;
    }
  }
}

async function once<T>(
  pool: Pool,
  work: (connection: PoolConnection) => Promise<T>,
  level: Isolation | undefined,
): Promise<T> {
  const connection = await pool.getConnection();
  let committing = false;
  try {
    if (level) await connection.query(`SET TRANSACTION ISOLATION LEVEL ${level}`);
    await connection.beginTransaction();
    const done = await work(connection);
    committing = true;
    await connection.commit();
    return done;
  } catch (problem) {
    // What came before the commit left nothing behind, whatever became of the connection: the error says so.
    if (!committing && problem instanceof Error) Object.assign(problem, { leftNothing: true });
    await connection.rollback().catch(() => undefined);
    if (problem instanceof RolledBack) return problem.outcome as T;
    throw problem;
  } finally {
    connection.release();
  }
}

/** Thrown by the work of a transaction that is to leave nothing behind: the transaction answers with its outcome. */
export class RolledBack<T> extends Error {
  constructor(readonly outcome: T) {
    super('rolled back');
  }
}
