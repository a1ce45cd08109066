import type { Pool, PoolConnection } from 'mysql2/promise';

/** All of `work` or nothing of it. */
export async function inTransaction<T>(pool: Pool, work: (connection: PoolConnection) => Promise<T>): Promise<T> {
  const connection = await pool.getConnection();
  try {
    await connection.beginTransaction();
    const done = await work(connection);
    await connection.commit();
    return done;
  } catch (problem) {
    await connection.rollback().catch(() => undefined);
    throw problem;
  } finally {
    connection.release();
  }
}
