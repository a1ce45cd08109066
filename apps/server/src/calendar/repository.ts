import type { AtWorkBy } from '@zabble/contract';
import type { ShopCalendar } from '@zabble/core';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { fromJson } from '../db/from-json';
import type { ShopId } from '../whose/shop';

/** A job that is worked on. */
export interface CalendarJob {
  readonly id: string;
  readonly due?: string;
  readonly by: AtWorkBy;
}

interface JobRow extends RowDataPacket {
  id: string;
  due: string | null;
  put: number | null;
  quoted: number;
}

interface KeptRow extends RowDataPacket {
  calendar: ShopCalendar | string;
  revision: number;
}

interface FixedRow extends RowDataPacket {
  job_id: string;
  task: string;
  starts_at: string;
}

/** No more jobs are worked on at once. */
const MOST = 40;

/** The tables shop_calendar, calendar_jobs, calendar_fixed, calendar_feeds. */
export class CalendarRepository {
  constructor(private readonly pool: Pool) {}

  async calendar(shop: ShopId): Promise<{ readonly calendar: ShopCalendar; readonly revision: number }> {
    const [[row]] = await this.pool.execute<KeptRow[]>('SELECT calendar, revision FROM shop_calendar WHERE shop = ?', [
      shop,
    ]);
    if (!row) return { calendar: {}, revision: 0 };
    const { calendar, revision } = row;
    return { calendar: fromJson(calendar), revision };
  }

  /** False, and nothing is changed, where it no longer stands at `revision`. */
  async keep(shop: ShopId, calendar: ShopCalendar, revision: number): Promise<boolean> {
    const text = JSON.stringify(calendar);
    if (revision === 0) return this.begin(shop, text);
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'UPDATE shop_calendar SET calendar = ?, revision = revision + 1 WHERE shop = ? AND revision = ?',
      [text, shop, revision],
    );
    return affectedRows === 1;
  }

  /** The first that is said; of two at once one is the first. */
  private async begin(shop: ShopId, text: string): Promise<boolean> {
    try {
      await this.pool.execute('INSERT INTO shop_calendar (shop, calendar, revision) VALUES (?, ?, 1)', [shop, text]);
      return true;
    } catch (problem) {
      if ((problem as { code?: string }).code === 'ER_DUP_ENTRY') return false;
      throw problem;
    }
  }

  /** What was put in; what was not taken out and has an accepted quote; where a shop has one job alone that one. */
  async jobs(shop: ShopId): Promise<readonly CalendarJob[]> {
    const [rows] = await this.pool.execute<JobRow[]>(
      `SELECT j.id, DATE_FORMAT(c.due, '%Y-%m-%d') AS due, c.at_work AS put,
         EXISTS (SELECT 1 FROM quotes q WHERE q.shop = j.shop AND q.job_id = j.id AND q.state = 'accepted') AS quoted
       FROM jobs j LEFT JOIN calendar_jobs c ON c.shop = j.shop AND c.job_id = j.id
       WHERE j.shop = ? AND j.deleted_at IS NULL AND COALESCE(c.at_work, 1) = 1
         AND (c.at_work = 1
           OR EXISTS (SELECT 1 FROM quotes q WHERE q.shop = j.shop AND q.job_id = j.id AND q.state = 'accepted')
           OR NOT EXISTS (SELECT 1 FROM jobs o WHERE o.shop = j.shop AND o.id <> j.id AND o.deleted_at IS NULL))
       ORDER BY COALESCE(c.due, '9999-12-31'), j.id LIMIT ${MOST}`,
      [shop],
    );
    return rows.map(({ id, due, put, quoted }) => ({
      ...{ id, by: put === 1 ? ('put' as const) : quoted ? ('quote' as const) : ('only' as const) },
      ...(due === null ? {} : { due }),
    }));
  }

  async sayAtWork(shop: ShopId, job: string, atWork: boolean): Promise<void> {
    await this.pool.execute(
      'INSERT INTO calendar_jobs (shop, job_id, at_work) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE at_work = VALUES(at_work)',
      [shop, job, atWork ? 1 : 0],
    );
  }

  async sayDue(shop: ShopId, job: string, due: string | null): Promise<void> {
    await this.pool.execute(
      'INSERT INTO calendar_jobs (shop, job_id, due) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE due = VALUES(due)',
      [shop, job, due],
    );
  }

  async fixed(shop: ShopId): Promise<readonly { readonly job: string; readonly task: string; readonly at: string }[]> {
    const [rows] = await this.pool.execute<FixedRow[]>(
      'SELECT job_id, task, starts_at FROM calendar_fixed WHERE shop = ? ORDER BY job_id, task',
      [shop],
    );
    return rows.map(({ job_id, task, starts_at }) => ({ job: job_id, task, at: starts_at }));
  }

  async fix(shop: ShopId, job: string, task: string, at: string | null): Promise<void> {
    if (at === null) {
      await this.pool.execute('DELETE FROM calendar_fixed WHERE shop = ? AND job_id = ? AND task = ?', [
        shop,
        job,
        task,
      ]);
      return;
    }
    await this.pool.execute(
      'INSERT INTO calendar_fixed (shop, job_id, task, starts_at) VALUES (?, ?, ?, ?) ON DUPLICATE KEY UPDATE starts_at = VALUES(starts_at)',
      [shop, job, task, at],
    );
  }

  async feed(shop: ShopId): Promise<string | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT link FROM calendar_feeds WHERE shop = ?', [shop]);
    return row?.['link'] as string | undefined;
  }

  /** Another link in place of the one there was, or none. */
  async link(shop: ShopId, link: string | null): Promise<void> {
    if (link === null) await this.pool.execute('DELETE FROM calendar_feeds WHERE shop = ?', [shop]);
    else
      await this.pool.execute(
        'INSERT INTO calendar_feeds (shop, link) VALUES (?, ?) ON DUPLICATE KEY UPDATE link = VALUES(link)',
        [shop, link],
      );
  }

  /** Whose link this is: whoever has it follows that shop’s days. */
  async followed(link: string): Promise<ShopId | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `SELECT f.shop FROM calendar_feeds f JOIN shops h ON h.id = f.shop WHERE f.link = ? AND h.deleted_at IS NULL`,
      [link],
    );
    return row?.['shop'] as ShopId | undefined;
  }
}
