import type { ShopId } from '../whose/shop';
import type { JobList, JobListQuery, StoredJob } from '@zabble/contract';
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
}

const COLUMNS = 'id, document, revision, created_at, updated_at';

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

  async find(shop: ShopId, id: string): Promise<StoredJob | undefined> {
    const [rows] = await this.pool.execute<JobRow[]>(
      `SELECT ${COLUMNS} FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL`,
      [shop, id],
    );
    return rows[0] && toStored(rows[0]);
  }

  /** A new job, with the log it came with. */
  async insert(shop: ShopId, id: string, document: JobDocument, log: readonly ToKeep[] = []): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.execute(
        `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at)
         VALUES (?, ?, ?, ?, ?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
        [shop, id, document.name, document.customer ?? '', JSON.stringify(document)],
      );
      await addTo(connection, shop, id, log);
    });
  }

  /**
   * Puts the document in place of revision `revision`, in one transaction. Answers the job as it then stands: replaced,
   * or, where it stood at another revision, untouched; undefined when there is none.
   */
  async replace(
    shop: ShopId,
    id: string,
    revision: number,
    document: JobDocument,
  ): Promise<{ replaced: boolean; job: StoredJob } | undefined> {
    return inTransaction(this.pool, async (connection) => {
      const [result] = await connection.execute<ResultSetHeader>(
        `UPDATE jobs SET name = ?, customer = ?, document = ?, revision = revision + 1, updated_at = UTC_TIMESTAMP(3)
         WHERE shop = ? AND id = ? AND revision = ? AND deleted_at IS NULL`,
        [document.name, document.customer ?? '', JSON.stringify(document), shop, id, revision],
      );
      const [rows] = await connection.execute<JobRow[]>(
        `SELECT ${COLUMNS} FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL`,
        [shop, id],
      );
      return rows[0] && { replaced: result.affectedRows === 1, job: toStored(rows[0]) };
    });
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
    document: JSON.parse(row.document) as JobDocument,
  };
}
