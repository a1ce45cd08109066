import type { Learned } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { fromJson } from '../db/from-json';
import type { ShopId } from '../whose/shop';

interface SettledRow extends RowDataPacket {
  learned: Learned | string;
}

/** Of so many of the last jobs: what was long ago was another shop. */
const MOST = 200;

/** The table settled: what each job taught. */
export class SettledRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId): Promise<readonly Learned[]> {
    const [rows] = await this.pool.execute<SettledRow[]>(
      `SELECT learned FROM settled WHERE shop = ? ORDER BY at DESC LIMIT ${MOST}`,
      [shop],
    );
    return rows.map(({ learned }) => fromJson(learned));
  }

  /** In place of what the job taught before. */
  async keep(shop: ShopId, job: string, learned: Learned): Promise<void> {
    await this.pool.execute(
      `INSERT INTO settled (shop, job_id, learned, at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE learned = VALUES(learned), at = VALUES(at)`,
      [shop, job, JSON.stringify(learned)],
    );
  }
}
