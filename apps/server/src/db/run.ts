import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';

/**
 * One statement that changes something, for what is asked most: as `pool.execute`, without taking down the whole stack for
 * an error that hardly ever comes, which is a good part of what asking costs here.
 */
export function run<T extends ResultSetHeader | RowDataPacket[] = ResultSetHeader>(
  pool: Pool,
  sql: string,
  values: readonly (string | number | Date | null)[],
): Promise<T> {
  return new Promise((resolve, reject) => {
    pool.pool.execute<T>(sql, [...values], (problem, result) => {
      if (problem) reject(problem);
      else resolve(result);
    });
  });
}
