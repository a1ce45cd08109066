import type { Here, Present } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';

/** A page that was not heard of for so long is not there any more; its row goes a while later. In seconds. */
const THERE = 12;
const KEPT = 60;

/** Who has a job open, and at which revision it stands. */
export interface Found {
  readonly revision: number;
  readonly others: readonly Present[];
}

/** The table present. */
export class PresentRepository {
  constructor(private readonly pool: Pool) {}

  async say(shop: ShopId, job: string, { page, step, by = '' }: Here): Promise<void> {
    await this.pool.execute(
      `INSERT INTO present (shop, job_id, page, name, step, seen_at)
       SELECT shop, id, ?, ?, ?, UTC_TIMESTAMP(3) FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL
       ON DUPLICATE KEY UPDATE name = VALUES(name), step = VALUES(step), seen_at = VALUES(seen_at)`,
      [page, by, step, shop, job],
    );
  }

  async leave(shop: ShopId, job: string, page: string): Promise<void> {
    await this.pool.execute('DELETE FROM present WHERE shop = ? AND job_id = ? AND page = ?', [shop, job, page]);
  }

  /** All but this page; nothing where there is no such job. */
  async others(shop: ShopId, job: string, page: string): Promise<Found | undefined> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      `SELECT j.revision, p.page, p.name, p.step, TIMESTAMPDIFF(SECOND, p.seen_at, UTC_TIMESTAMP(3)) AS ago
       FROM jobs j LEFT JOIN present p ON p.job_id = j.id AND p.shop = j.shop AND p.page <> ?
       WHERE j.shop = ? AND j.id = ? AND j.deleted_at IS NULL ORDER BY p.name, p.page`,
      [page, shop, job],
    );
    const [first] = rows;
    if (!first) return undefined;
    const pages = rows.filter((row) => row['page'] !== null);
    if (pages.some((row) => Number(row['ago']) > KEPT)) await this.sweep(shop, job);
    return {
      revision: Number(first['revision']),
      others: pages
        .filter((row) => Number(row['ago']) <= THERE)
        .map((row) => ({ page: String(row['page']), name: String(row['name']), step: String(row['step']) })),
    };
  }

  private async sweep(shop: ShopId, job: string): Promise<void> {
    await this.pool.execute(
      `DELETE FROM present WHERE shop = ? AND job_id = ? AND seen_at < UTC_TIMESTAMP(3) - INTERVAL ${KEPT} SECOND`,
      [shop, job],
    );
  }
}
