import type { ShopId } from '../whose/shop';
import type { JobSaved, StoredJob } from '@zabble/contract';
import type { JobDocument, LogEntryDocument } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { run } from '../db/run';
import { inTransaction } from '../db/transaction';
import { addTo } from '../record/entries';
import { textOf } from './text';

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

  /**
   * A new job, with the log it came with. Undefined where there is one with this id: nothing is changed then.
   */
  async insert(
    shop: ShopId,
    id: string,
    document: JobDocument,
    log: readonly LogEntryDocument[] = [],
  ): Promise<StoredJob | undefined> {
    const now = new Date();
    const sql = `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at)
      VALUES (?, ?, ?, ?, ?, 1, ?, ?)`;
    const values = [shop, id, document.name, document.customer ?? '', textOf(document), now, now];
    try {
      if (log.length === 0) await run(this.pool, sql, values);
      else
        await inTransaction(this.pool, async (connection) => {
          await connection.execute(sql, values);
          await addTo(connection, shop, id, log);
        });
      return { id, revision: 1, createdAt: now.toISOString(), updatedAt: now.toISOString(), document };
    } catch (problem) {
      if ((problem as { code?: string }).code === 'ER_DUP_ENTRY') return undefined;
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
    const { name, customer = '' } = document;
    const { affectedRows } = await run(
      this.pool,
      `UPDATE jobs SET settled = settled > 0 AND name = ? AND customer = ?, name = ?, customer = ?, document = ?,
         revision = revision + 1, save = ?, updated_at = ?
       WHERE shop = ? AND id = ? AND revision = ? AND deleted_at IS NULL`,
      [name, customer, name, customer, textOf(document), save ?? null, now, shop, id, revision],
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
