import type { ShopId } from '../whose/shop';
import type { JobList, JobListQuery, JobSaved, StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';
import { addTo, type ToKeep } from '../record/entries';

interface JobRow extends RowDataPacket {
  id: string;
  document: string;
  revision: number;
  created_at: Date;
  updated_at: Date;
  save: string | null;
}

const COLUMNS = 'id, document, revision, created_at, updated_at, save';

/** The jobs table. Every statement is parameterised; deleted jobs stay and can be brought back. */
export class JobRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId, { search, page, size, deleted }: JobListQuery): Promise<JobList> {
    const like = `%${search.trim().replace(/[\\%_]/g, '\\$&')}%`;
    const where = `shop = ? AND deleted_at IS ${deleted ? 'NOT ' : ''}NULL AND (name LIKE ? OR customer LIKE ?)`;
    const [counts] = await this.pool.execute<RowDataPacket[]>(`SELECT COUNT(*) AS total FROM jobs WHERE ${where}`, [
      shop,
      like,
      like,
    ]);
    const [rows] = await this.pool.query<JobRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE ${where} ORDER BY updated_at DESC, id LIMIT ? OFFSET ?`,
      [shop, like, like, size, (page - 1) * size],
    );
    return { items: rows.map(toStored), total: Number(counts[0]?.['total'] ?? 0), page, size };
  }

  async has(shop: ShopId, id: string): Promise<boolean> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      'SELECT 1 FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL',
      [shop, id],
    );
    return rows.length > 0;
  }

  async find(shop: ShopId, id: string): Promise<StoredJob | undefined> {
    const [rows] = await this.pool.execute<JobRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL`,
      [shop, id],
    );
    return rows[0] && toStored(rows[0]);
  }

  /** A new job, with the log it came with. False where there is one with this id: nothing is changed then. */
  async insert(shop: ShopId, id: string, document: JobDocument, log: readonly ToKeep[] = []): Promise<boolean> {
    try {
      await inTransaction(this.pool, async (connection) => {
        await connection.execute(
          `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at)
           VALUES (?, ?, ?, ?, ?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
          [shop, id, document.name, document.customer ?? '', JSON.stringify(document)],
        );
        if (log.length > 0) await addTo(connection, shop, id, log);
      });
      return true;
    } catch (problem) {
      if ((problem as { code?: string }).code === 'ER_DUP_ENTRY') return false;
      throw problem;
    }
  }

  /**
   * Puts the document in place of revision `revision`, in one statement. Answers where it then stands; undefined, and
   * nothing changed, where it does not stand at that revision or there is none.
   */
  async replace(
    shop: ShopId,
    id: string,
    { revision, document, save }: { revision: number; document: JobDocument; save: string | undefined },
  ): Promise<JobSaved | undefined> {
    const now = new Date();
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      `UPDATE jobs SET name = ?, customer = ?, document = ?, revision = revision + 1, save = ?, updated_at = ?
       WHERE shop = ? AND id = ? AND revision = ? AND deleted_at IS NULL`,
      [document.name, document.customer ?? '', JSON.stringify(document), save ?? null, now, shop, id, revision],
    );
    return affectedRows === 1 ? { id, revision: revision + 1, updatedAt: now.toISOString() } : undefined;
  }

  /** True when there was such a job to delete. */
  async delete(shop: ShopId, id: string): Promise<boolean> {
    const [result] = await this.pool.execute<ResultSetHeader>(
      'UPDATE jobs SET deleted_at = UTC_TIMESTAMP(3) WHERE shop = ? AND id = ? AND deleted_at IS NULL',
      [shop, id],
    );
    return result.affectedRows === 1;
  }

  /** True when there was such a deleted job to bring back. */
  async restore(shop: ShopId, id: string): Promise<boolean> {
    const [result] = await this.pool.execute<ResultSetHeader>(
      'UPDATE jobs SET deleted_at = NULL WHERE shop = ? AND id = ? AND deleted_at IS NOT NULL',
      [shop, id],
    );
    return result.affectedRows === 1;
  }
}

function toStored(row: JobRow): StoredJob {
  return {
    id: row.id,
    revision: row.revision,
    createdAt: row.created_at.toISOString(),
    updatedAt: row.updated_at.toISOString(),
    ...(row.save === null ? {} : { save: row.save }),
    document: JSON.parse(row.document) as JobDocument,
  };
}
