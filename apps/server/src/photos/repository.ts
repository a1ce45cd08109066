import type { ShopId } from '../whose/shop';
import type { Pool, RowDataPacket } from 'mysql2/promise';

/** A picture as it is kept: a JPEG of the server’s own making. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Buffer;
}

/** The table photos. */
export class PhotoRepository {
  constructor(private readonly pool: Pool) {}

  /** Keeps it once: the same id again changes nothing. */
  async keep(shop: ShopId, job: string, id: string, { width, height, data }: Picture): Promise<void> {
    await this.pool.execute(
      `INSERT INTO photos (shop, job_id, id, width, height, picture, kept_at)
       VALUES (?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3)) ON DUPLICATE KEY UPDATE id = id`,
      [shop, job, id, width, height, data],
    );
  }

  async find(shop: ShopId, job: string, id: string): Promise<Buffer | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `SELECT p.picture FROM photos p JOIN jobs j ON j.shop = p.shop AND j.id = p.job_id
       WHERE p.shop = ? AND p.job_id = ? AND p.id = ? AND j.deleted_at IS NULL`,
      [shop, job, id],
    );
    return row?.['picture'] as Buffer | undefined;
  }
}
