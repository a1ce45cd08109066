import type { ShopSlide } from '@zabble/contract';
import type { OwnSlideOf } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';

interface SlideRow extends RowDataPacket {
  id: string;
  slide: string;
  updated_at: Date;
}

const COLUMNS = 'id, slide, updated_at';

/** The shop_slides table: one row to a name. */
export class ShopRepository {
  constructor(private readonly pool: Pool) {}

  async list(): Promise<readonly ShopSlide[]> {
    const [rows] = await this.pool.query<SlideRow[]>(`SELECT ${COLUMNS} FROM shop_slides ORDER BY name, id`);
    return rows.map(toSlide);
  }

  /** Keeps the row; one kept under the same name before is replaced and keeps its id. */
  async keep(id: string, name: string, row: OwnSlideOf<string>): Promise<ShopSlide | undefined> {
    await this.pool.execute(
      `INSERT INTO shop_slides (id, name, slide, updated_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE slide = VALUES(slide), updated_at = VALUES(updated_at)`,
      [id, name, JSON.stringify(row)],
    );
    const [rows] = await this.pool.execute<SlideRow[]>(`SELECT ${COLUMNS} FROM shop_slides WHERE name = ?`, [name]);
    return rows[0] && toSlide(rows[0]);
  }

  /** True when there was such a row. */
  async delete(id: string): Promise<boolean> {
    const [result] = await this.pool.execute<ResultSetHeader>('DELETE FROM shop_slides WHERE id = ?', [id]);
    return result.affectedRows === 1;
  }
}

function toSlide({ id, slide, updated_at }: SlideRow): ShopSlide {
  return { id, row: JSON.parse(slide) as OwnSlideOf<string>, updatedAt: updated_at.toISOString() };
}
