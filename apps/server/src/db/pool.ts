import { createPool, type Pool } from 'mysql2/promise';

/** A pool on the database of this URL. Times are UTC both ways. */
export function openPool(url: string): Pool {
  return createPool({
    uri: url,
    connectionLimit: 8,
    charset: 'utf8mb4',
    timezone: 'Z',
    connectTimeout: 3000,
    supportBigNumbers: true,
  });
}

export async function answers(pool: Pool): Promise<boolean> {
  try {
    await pool.query('SELECT 1');
    return true;
  } catch {
    return false;
  }
}
