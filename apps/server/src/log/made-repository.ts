import type { MadeList, MadeReadings } from '@zabble/contract';
import type { FaultKind, Measured } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

interface SumRow extends RowDataPacket {
  kind: 'reading' | 'fault';
  about: string;
  count: string;
  sum: string;
  squares: string;
}

/** So many of the newest readings are drawn. */
const DRAWN = 400;
/** Of so many newest those of deleted jobs are left out. */
const LOOKED_AT = 2000;

/** What was measured against plans and which faults were written down, over all jobs that are not deleted. */
export class MadeRepository {
  constructor(private readonly pool: Pool) {}

  /** What is kept for all jobs, less what is of those deleted: they are few. */
  async sums(shop: ShopId): Promise<Pick<MadeList, 'sums' | 'faults'>> {
    const [rows] = await this.pool.execute<SumRow[]>(
      `SELECT kind, about, CAST(SUM(count) AS CHAR) AS count, CAST(SUM(sum) AS CHAR) AS sum,
         CAST(SUM(squares) AS CHAR) AS squares
       FROM (
         SELECT kind, about, count, sum, squares FROM shop_sums WHERE shop = ?
         UNION ALL
         SELECT s.kind, s.about, -s.count, -s.sum, -s.squares FROM jobs j STRAIGHT_JOIN job_sums s ON s.job_id = j.id
         WHERE j.shop = ? AND j.deleted_at IS NOT NULL
       ) every GROUP BY kind, about HAVING SUM(count) > 0`,
      [shop, shop],
    );
    const of = (kind: SumRow['kind']) => rows.filter((row) => row.kind === kind);
    return {
      sums: of('reading').map(({ about, count, sum, squares }) => ({
        what: about as Measured,
        count: Number(count),
        sum,
        squares,
      })),
      faults: of('fault').map(({ about, count }) => ({ fault: about as FaultKind, times: Number(count) })),
    };
  }

  /** The newest of one kind, oldest of them first. */
  async readings(shop: ShopId, what: string): Promise<MadeReadings['made']> {
    const [rows] = await this.pool.query<RowDataPacket[]>(
      `SELECT m.happened_at, m.planned, m.made FROM (
         SELECT happened_at, n, job_id, planned, made FROM made WHERE shop = ? AND what = ?
         ORDER BY happened_at DESC, n DESC LIMIT ${LOOKED_AT}
       ) m JOIN jobs j ON j.id = m.job_id WHERE j.deleted_at IS NULL
       ORDER BY m.happened_at DESC, m.n DESC LIMIT ${DRAWN}`,
      [shop, what],
    );
    return rows
      .map((row) => ({
        at: (row['happened_at'] as Date).toISOString(),
        planned: Number(row['planned']),
        made: Number(row['made']),
      }))
      .reverse();
  }
}
