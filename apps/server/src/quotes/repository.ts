import type { Quote, QuotedCost, QuoteState } from '@zabble/contract';
import type { QuoteBody } from '@zabble/core';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { fromJson } from '../db/from-json';
import { inTransaction } from '../db/transaction';
import type { ShopId } from '../whose/shop';

/** What is kept of a quote besides its number and its state. */
export interface NewQuote {
  readonly id: string;
  readonly job: string;
  readonly revision: number;
  readonly body: QuoteBody;
  readonly costs: readonly QuotedCost[];
  readonly validUntil: string;
  readonly terms: string;
  readonly excluded: string;
  readonly currency: string | null;
}

/** What stands on it, in one piece. */
type Kept = Pick<NewQuote, 'body' | 'terms' | 'excluded' | 'currency'>;

interface QuoteRow extends RowDataPacket {
  id: string;
  job_id: string;
  number: number;
  job_revision: number;
  body: Kept | string;
  costs: readonly QuotedCost[] | string;
  made_at: Date;
  valid_until: string;
  state: Exclude<QuoteState, 'lapsed'>;
  state_at: Date;
  state_by: string;
  link: string | null;
}

const COLUMNS = `id, job_id, number, job_revision, body, costs, made_at, DATE_FORMAT(valid_until, '%Y-%m-%d') AS valid_until,
  state, state_at, state_by, link`;
/** No job has more versions than are shown. */
const MOST = 500;

/** The table quotes: what is on one is written once. */
export class QuoteRepository {
  constructor(private readonly pool: Pool) {}

  /** The newest first. */
  async list(shop: ShopId, job: string): Promise<readonly Quote[]> {
    const [rows] = await this.pool.execute<QuoteRow[]>(
      `SELECT ${COLUMNS} FROM quotes WHERE shop = ? AND job_id = ? ORDER BY number DESC LIMIT ${MOST}`,
      [shop, job],
    );
    return rows.map(toQuote);
  }

  async find(shop: ShopId, id: string): Promise<Quote | undefined> {
    const [[row]] = await this.pool.execute<QuoteRow[]>(`SELECT ${COLUMNS} FROM quotes WHERE shop = ? AND id = ?`, [
      shop,
      id,
    ]);
    return row && toQuote(row);
  }

  /** Of whichever shop: whoever has the link has it from there. */
  async byLink(link: string): Promise<Quote | undefined> {
    const [[row]] = await this.pool.execute<QuoteRow[]>(
      `SELECT ${COLUMNS} FROM quotes q WHERE link = ?
         AND EXISTS (SELECT 1 FROM jobs j JOIN shops h ON h.id = j.shop
                     WHERE j.id = q.job_id AND j.deleted_at IS NULL AND h.deleted_at IS NULL)`,
      [link],
    );
    return row && toQuote(row);
  }

  /** Under the next number of its job. */
  async add(shop: ShopId, quote: NewQuote): Promise<void> {
    const { id, job, revision, body, costs, validUntil, terms, excluded, currency } = quote;
    const kept: Kept = { body, terms, excluded, currency };
    await inTransaction(this.pool, async (connection) => {
      const number = 1 + (await highest(connection, shop, job));
      await connection.execute(
        `INSERT INTO quotes (shop, id, job_id, number, job_revision, body, costs, made_at, valid_until, state_at)
         VALUES (?, ?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3), ?, UTC_TIMESTAMP(3))`,
        [shop, id, job, number, revision, JSON.stringify(kept), JSON.stringify(costs), validUntil],
      );
    });
  }

  /** False, and nothing is changed, where it stands at none of `from`. */
  async move(
    shop: ShopId,
    id: string,
    from: readonly QuoteState[],
    { state, by }: { readonly state: QuoteState; readonly by: string },
  ): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.query<ResultSetHeader>(
      `UPDATE quotes SET state = ?, state_by = ?, state_at = UTC_TIMESTAMP(3) WHERE shop = ? AND id = ? AND state IN (?)`,
      [state, by, shop, id, from],
    );
    return affectedRows === 1;
  }

  /** Another link in place of the one there was, or none. */
  async link(shop: ShopId, id: string, link: string | null): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'UPDATE quotes SET link = ? WHERE shop = ? AND id = ?',
      [link, shop, id],
    );
    return affectedRows === 1;
  }
}

async function highest(connection: PoolConnection, shop: ShopId, job: string): Promise<number> {
  // The job’s own row is locked, so that two who quote at once get two numbers.
  await connection.execute('SELECT id FROM jobs WHERE shop = ? AND id = ? FOR UPDATE', [shop, job]);
  const [[row]] = await connection.execute<RowDataPacket[]>(
    'SELECT COALESCE(MAX(number), 0) AS number FROM quotes WHERE shop = ? AND job_id = ?',
    [shop, job],
  );
  return Number(row?.['number'] ?? 0);
}

function toQuote(row: QuoteRow): Quote {
  const { id, job_id, number, job_revision, made_at, valid_until, state, state_at, state_by, link } = row;
  return {
    ...{ id, job: job_id, number, revision: job_revision, validUntil: valid_until, stateBy: state_by },
    ...{ madeAt: made_at.toISOString(), stateAt: state_at.toISOString(), linked: link !== null },
    state: state === 'sent' && valid_until < new Date().toISOString().slice(0, 10) ? 'lapsed' : state,
    ...fromJson(row.body),
    costs: fromJson(row.costs),
  };
}
