import type { MakeOrder, Order, OrderLine, OrderState } from '@zabble/contract';
import type { Said } from '@zabble/core';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { fromJson } from '../db/from-json';
import { inTransaction, RolledBack } from '../db/transaction';
import type { ShopId } from '../whose/shop';
import { bumped, bumpedFrom } from './revision';

interface OrderRow extends RowDataPacket {
  id: string;
  number: number;
  supplier: string;
  by_service: number;
  state: OrderState;
  made_at: Date;
  made_by: string;
  expected_on: string | null;
  answer: Said | string | null;
}

interface LineRow extends RowDataPacket {
  order_id: string;
  line: number;
  price_key: string;
  what: string;
  unit: string;
  pack: string;
  packs: number;
  cents: number | null;
  arrived_on: string | null;
}

interface ForRow extends RowDataPacket {
  order_id: string;
  line: number;
  job_id: string;
  count: string;
}

/** So many of the newest are looked at; what is older has long arrived. */
const MOST = 500;

/** Where an order stands from now on. */
interface Stands {
  readonly state: OrderState;
  readonly answer?: Said;
  readonly expectedOn?: string;
}

/** The tables orders, order_lines and order_for. */
export class OrderRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId): Promise<readonly Order[]> {
    const [orders] = await this.pool.execute<OrderRow[]>(
      `SELECT id, number, supplier, by_service, state, made_at, made_by, answer,
         DATE_FORMAT(expected_on, '%Y-%m-%d') AS expected_on
       FROM orders WHERE shop = ? ORDER BY number DESC LIMIT ${MOST}`,
      [shop],
    );
    if (orders.length === 0) return [];
    const ids = orders.map(({ id }) => id);
    const [lines] = await this.pool.query<LineRow[]>(
      `SELECT order_id, line, price_key, what, unit, pack, packs, cents,
         DATE_FORMAT(arrived_on, '%Y-%m-%d') AS arrived_on
       FROM order_lines WHERE shop = ? AND order_id IN (?) ORDER BY order_id, line`,
      [shop, ids],
    );
    const [all] = await this.pool.query<ForRow[]>(
      'SELECT order_id, line, job_id, count FROM order_for WHERE shop = ? AND order_id IN (?) ORDER BY order_id, line, job_id',
      [shop, ids],
    );
    const of = grouped(all, ({ order_id, line }) => `${order_id} ${line}`);
    const linesOf = grouped(lines, ({ order_id }) => order_id);
    return orders.map((row) =>
      toOrder(
        row,
        (linesOf.get(row.id) ?? []).map((line) => toLine(line, of)),
      ),
    );
  }

  async find(shop: ShopId, id: string): Promise<Order | undefined> {
    return (await this.list(shop)).find((order) => order.id === id);
  }

  /** Made; made before under this id; or not at all, as the list it was made from is out of date. */
  async make(
    shop: ShopId,
    { id, revision, supplier, lines, by = '' }: MakeOrder,
    byService: boolean,
  ): Promise<'made' | 'known' | 'changed'> {
    return inTransaction<'made' | 'known' | 'changed'>(this.pool, async (connection) => {
      const fresh = await bumpedFrom(connection, shop, revision);
      const [[known]] = await connection.execute<RowDataPacket[]>('SELECT id FROM orders WHERE shop = ? AND id = ?', [
        shop,
        id,
      ]);
      if (known) throw new RolledBack<'known'>('known');
      if (!fresh) throw new RolledBack<'changed'>('changed');
      await connection.execute(
        `INSERT INTO orders (shop, id, number, supplier, by_service, state, made_at, made_by)
         SELECT ?, ?, COALESCE(MAX(number), 0) + 1, ?, ?, ?, UTC_TIMESTAMP(3), ? FROM orders WHERE shop = ?`,
        [shop, id, supplier, byService, byService ? 'asked' : 'ordered', by, shop],
      );
      for (const [at, line] of lines.entries()) await putLine(connection, shop, { id, at: at + 1 }, line);
      return 'made';
    });
  }

  /** Only from one of these states; whether it was. */
  async move(
    shop: ShopId,
    id: string,
    from: readonly OrderState[],
    { state, answer, expectedOn }: Stands,
  ): Promise<boolean> {
    return inTransaction(this.pool, async (connection) => {
      const [{ affectedRows }] = await connection.query<ResultSetHeader>(
        `UPDATE orders SET state = ?, answer = ?, expected_on = COALESCE(?, expected_on)
         WHERE shop = ? AND id = ? AND state IN (?)`,
        [state, answer ? JSON.stringify(answer) : null, expectedOn ?? null, shop, id, from],
      );
      if (affectedRows === 0) return false;
      await bumped(connection, shop);
      return true;
    });
  }

  /** Marks lines as here, those that are not yet; what comes beyond what jobs want of it goes into the drawer. */
  async arrive(shop: ShopId, id: string, lines: readonly number[]): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      for (const line of lines) {
        const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
          'UPDATE order_lines SET arrived_on = UTC_DATE() WHERE shop = ? AND order_id = ? AND line = ? AND arrived_on IS NULL',
          [shop, id, line],
        );
        if (affectedRows === 1) await spare(connection, shop, { id, line, sign: 1 });
      }
      await bumped(connection, shop);
    });
  }

  /** As if they had not been marked; false where what came beyond is no longer in the drawer. */
  async unarrive(shop: ShopId, id: string, lines: readonly number[]): Promise<boolean> {
    return inTransaction(this.pool, async (connection) => {
      for (const line of lines) {
        const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
          'UPDATE order_lines SET arrived_on = NULL WHERE shop = ? AND order_id = ? AND line = ? AND arrived_on IS NOT NULL',
          [shop, id, line],
        );
        if (affectedRows === 1) await spare(connection, shop, { id, line, sign: -1 });
      }
      const [[under]] = await connection.execute<RowDataPacket[]>(
        'SELECT price_key FROM hardware_drawer WHERE shop = ? AND count < 0 LIMIT 1',
        [shop],
      );
      if (under) throw new RolledBack(false);
      await bumped(connection, shop);
      return true;
    });
  }
}

async function putLine(
  connection: PoolConnection,
  shop: ShopId,
  { id, at }: { readonly id: string; readonly at: number },
  {
    key,
    what,
    unit,
    pack,
    packs,
    cents = null,
    for: of,
  }: Omit<MakeOrder['lines'][number], 'cents'> & { cents?: number | null },
): Promise<void> {
  await connection.execute(
    `INSERT INTO order_lines (shop, order_id, line, price_key, what, unit, pack, packs, cents) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [shop, id, at, key, what, unit, pack, packs, cents],
  );
  for (const { job, count } of of)
    await connection.execute('INSERT INTO order_for (shop, order_id, line, job_id, count) VALUES (?, ?, ?, ?, ?)', [
      ...[shop, id, at],
      ...[job, count],
    ]);
}

/** What a line brings beyond what jobs want of it, into the drawer or out of it. Wood and sheets belong to the rack, what is bought in to its job. */
async function spare(
  connection: PoolConnection,
  shop: ShopId,
  { id, line, sign }: { readonly id: string; readonly line: number; readonly sign: 1 | -1 },
): Promise<void> {
  await connection.execute(
    `INSERT INTO hardware_drawer (shop, price_key, what, unit, count)
     SELECT ?, l.price_key, l.what, l.unit, ? * (l.pack * l.packs - f.count)
     FROM order_lines l
     JOIN (SELECT COALESCE(SUM(count), 0) AS count FROM order_for WHERE shop = ? AND order_id = ? AND line = ?) f
     WHERE l.shop = ? AND l.order_id = ? AND l.line = ? AND l.price_key NOT LIKE 'material:%' AND l.price_key NOT LIKE 'bought:%' AND l.pack * l.packs > f.count
     ON DUPLICATE KEY UPDATE count = hardware_drawer.count + VALUES(count)`,
    [shop, sign, shop, id, line, shop, id, line],
  );
}

function toOrder(row: OrderRow, lines: readonly OrderLine[]): Order {
  const { id, number, supplier, by_service, state, made_at, made_by, expected_on, answer } = row;
  const told = fromJson(answer);
  return {
    ...{ id, number, supplier, byService: by_service === 1, state, lines },
    ...{ madeAt: made_at.toISOString(), madeBy: made_by },
    ...(expected_on === null ? {} : { expectedOn: expected_on }),
    ...(told === null ? {} : { answer: told }),
  };
}

function toLine(row: LineRow, of: ReadonlyMap<string, readonly ForRow[]>): OrderLine {
  const { order_id, line, price_key, what, unit, pack, packs, cents, arrived_on } = row;
  return {
    ...{ line, key: price_key, what, unit, pack: Number(pack), packs },
    ...(cents === null ? {} : { cents: Number(cents) }),
    ...(arrived_on === null ? {} : { arrivedOn: arrived_on }),
    for: (of.get(`${order_id} ${line}`) ?? []).map(({ job_id, count }) => ({ job: job_id, count: Number(count) })),
  };
}

function grouped<T>(rows: readonly T[], by: (row: T) => string): ReadonlyMap<string, readonly T[]> {
  const found = new Map<string, T[]>();
  for (const row of rows) {
    const known = found.get(by(row));
    if (known) known.push(row);
    else found.set(by(row), [row]);
  }
  return found;
}
