import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';

/** Gone; of another revision than the one that was to go; or there was none. */
export type Deleted = 'deleted' | 'changed' | 'unknown';

/** Deletes a row of the shop that stands at this revision; at any, where none is said. */
export async function deleteAt(
  pool: Pool,
  table: 'shop_slides' | 'shop_materials' | 'shop_suppliers' | 'shop_customers' | 'stock',
  { shop, id, revision }: { shop: string; id: string; revision: number | undefined },
): Promise<Deleted> {
  const [{ affectedRows }] = await pool.execute<ResultSetHeader>(
    `DELETE FROM ${table} WHERE shop = ? AND id = ? AND revision = COALESCE(?, revision)`,
    [shop, id, revision ?? null],
  );
  if (affectedRows === 1) return 'deleted';
  const [rows] = await pool.execute<RowDataPacket[]>(`SELECT 1 FROM ${table} WHERE shop = ? AND id = ?`, [shop, id]);
  return rows.length > 0 ? 'changed' : 'unknown';
}
