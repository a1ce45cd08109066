import type { JobRevision, JobRevisionList } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import type { ShopId } from '../whose/shop';
import { thinned } from './thin';

/** A job that is saved over and over is kept as it stood no more often than this, in milliseconds. */
const EVERY = 600_000;
/** So many jobs are remembered as kept lately. */
const MOST_JOBS = 5000;

/** The table job_revisions: how jobs stood before they were worked on. */
export class RevisionRepository {
  /** When each was last kept by this process. */
  private readonly lately = new Map<string, number>();

  constructor(private readonly pool: Pool) {}

  /**
   * Keeps the job as it stands at this revision, before it is saved anew, where that was not done lately. A save costs
   * nothing more for it but once in a while.
   */
  async before(shop: ShopId, job: string, revision: number): Promise<void> {
    const now = Date.now();
    if (now - (this.lately.get(job) ?? 0) < EVERY) return;
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      `INSERT INTO job_revisions (shop, job_id, revision, saved_at, document)
       SELECT shop, id, revision, updated_at, document FROM jobs
       WHERE shop = ? AND id = ? AND revision = ? AND deleted_at IS NULL
       ON DUPLICATE KEY UPDATE job_revisions.revision = job_revisions.revision`,
      [shop, job, revision],
    );
    // A save made from another revision keeps nothing: the next one may.
    if (affectedRows === 0) return;
    if (this.lately.size >= MOST_JOBS) this.lately.clear();
    this.lately.set(job, now);
    await this.thin(shop, job);
  }

  /** Newest first; nothing where there is no such job. */
  async list(shop: ShopId, job: string): Promise<JobRevisionList | undefined> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      `SELECT r.revision, r.saved_at FROM jobs j
       LEFT JOIN job_revisions r ON r.job_id = j.id AND r.shop = j.shop AND r.revision < j.revision
       WHERE j.shop = ? AND j.id = ? AND j.deleted_at IS NULL ORDER BY r.revision DESC`,
      [shop, job],
    );
    if (rows.length === 0) return undefined;
    const kept = rows.filter((row) => row['revision'] !== null);
    return {
      items: kept.map((row) => ({
        revision: Number(row['revision']),
        savedAt: (row['saved_at'] as Date).toISOString(),
      })),
    };
  }

  async find(shop: ShopId, job: string, revision: number): Promise<JobRevision | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `SELECT r.saved_at, r.document FROM job_revisions r JOIN jobs j ON j.id = r.job_id AND j.shop = r.shop
       WHERE r.shop = ? AND r.job_id = ? AND r.revision = ? AND j.deleted_at IS NULL`,
      [shop, job, revision],
    );
    return (
      row && {
        revision,
        savedAt: (row['saved_at'] as Date).toISOString(),
        document: JSON.parse(String(row['document'])) as JobDocument,
      }
    );
  }

  private async thin(shop: ShopId, job: string): Promise<void> {
    const { items } = (await this.list(shop, job)) ?? { items: [] };
    const gone = thinned(
      items.map(({ revision, savedAt }) => ({ revision, savedAt: new Date(savedAt) })),
      new Date(),
    );
    if (gone.length > 0)
      await this.pool.query('DELETE FROM job_revisions WHERE shop = ? AND job_id = ? AND revision IN (?)', [
        shop,
        job,
        gone.map(({ revision }) => revision),
      ]);
  }
}
