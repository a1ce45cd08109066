import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { againWhile } from './again';
import { isOfSeveral } from './pool';

type Values = readonly (string | number | Date | null)[];

/**
 * One statement that changes something, for what is asked most: as `pool.execute`, without taking down the whole stack for
 * an error that hardly ever comes, which is a good part of what asking costs here.
 */
export function run<T extends ResultSetHeader | RowDataPacket[] = ResultSetHeader>(
  pool: Pool,
  sql: string,
  values: Values,
): Promise<T> {
  if (isOfSeveral(pool)) return pool.execute<T>(sql, [...values]).then(([result]) => result);
  const once = (): Promise<T> =>
    new Promise((resolve, reject) => {
      pool.pool.execute<T>(sql, [...values], (problem, result) => {
        if (problem) reject(problem);
        else resolve(result);
      });
    });
  return once().catch((problem: { code?: string }) => {
    if (problem.code !== 'ER_LOCK_DEADLOCK') throw problem;
    return againWhile(once, { several: false, looks: false });
  });
}
