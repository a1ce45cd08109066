import type { ShopId } from '../whose/shop';
import { randomUUID } from 'node:crypto';
import type { Booking, StockEntry, Taking } from '@zabble/contract';
import type { StockItemOf } from '@zabble/core';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { deleteAt, type Deleted } from '../db/delete-at';
import { inTransaction, RolledBack } from '../db/transaction';

type Item = StockItemOf<string>;

interface StockRow extends RowDataPacket {
  id: string;
  item: string;
  count: number;
  revision: number;
  updated_at: Date;
}

interface BookingRow extends RowDataPacket {
  id: string;
  material: string;
  taken: string;
  brought: string;
  booked_at: Date;
  undone_at: Date | null;
}

/** What a layout takes and leaves, ready to be booked. */
export interface ToBook {
  readonly id: string;
  readonly job: string;
  readonly material: string;
  readonly taken: readonly Taking[];
  readonly brought: readonly Item[];
}

/** Booked, or what the rack has too little of. */
export type Booked =
  | { readonly booked: true }
  | { readonly booked: false; readonly why: 'no-job' }
  | { readonly booked: false; readonly why: 'too-few'; readonly has: number; readonly takes: number };

/** Taken back (or it was already), never booked, or an off-cut of it is used. */
export type Undone = 'undone' | 'unknown' | 'used';

const COLUMNS = 'id, item, count, revision, updated_at';
const BOOKING = 'id, material, taken, brought, booked_at, undone_at';

/** The tables stock and bookings. */
export class StockRepository {
  constructor(private readonly pool: Pool) {}

  async list(shop: ShopId): Promise<readonly StockEntry[]> {
    const [rows] = await this.pool.execute<StockRow[]>(
      `SELECT ${COLUMNS} FROM stock WHERE shop = ? ORDER BY material, kind DESC, updated_at DESC, id LIMIT 5000`,
      [shop],
    );
    return rows.map(toEntry);
  }

  /**
   * Keeps the item under its id, in place of the one that stands at `revision`, or, without one, where there is none.
   * What stands there then, if anything: another item where it stood otherwise, and nothing was changed.
   */
  async keep(shop: ShopId, id: string, item: Item, revision?: number): Promise<Item | undefined> {
    return inTransaction(this.pool, async (connection) => {
      if (revision === undefined) await put(connection, shop, id, item);
      else
        await connection.execute(
          `UPDATE stock SET material = ?, kind = ?, item = ?, count = ?, revision = revision + 1,
             updated_at = UTC_TIMESTAMP(3) WHERE shop = ? AND id = ? AND revision = ?`,
          [item.material, item.kind, JSON.stringify(item), item.count, shop, id, revision],
        );
      return (await locked(connection, shop, id))?.item;
    });
  }

  /** So many more, or fewer, of an item, whoever else changes it meanwhile; the item goes with its last. */
  async change(shop: ShopId, id: string, by: number): Promise<boolean> {
    return inTransaction(this.pool, async (connection) => {
      const changed = await countBy(connection, shop, id, by);
      await connection.execute('DELETE FROM stock WHERE shop = ? AND id = ? AND count = 0', [shop, id]);
      return changed;
    });
  }

  async add(shop: ShopId, items: readonly Item[]): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      for (const item of items) await put(connection, shop, randomUUID(), item);
    });
  }

  async delete(shop: ShopId, id: string, revision?: number): Promise<Deleted> {
    return deleteAt(this.pool, 'stock', { shop, id, revision });
  }

  async bookings(shop: ShopId, job: string): Promise<readonly Booking[]> {
    const [rows] = await this.pool.execute<BookingRow[]>(
      `SELECT ${BOOKING} FROM bookings WHERE shop = ? AND job_id = ? ORDER BY booked_at DESC, id LIMIT 500`,
      [shop, job],
    );
    return rows.map(toBooking);
  }

  /** Takes from the rack and puts the off-cuts in, all or nothing; the same id again changes nothing. */
  async book(shop: ShopId, wish: ToBook): Promise<Booked> {
    return inTransaction(this.pool, async (connection): Promise<Booked> => {
      const known = await bookingOf(connection, shop, wish.id);
      if (known) return { booked: true };
      if (!(await isJob(connection, shop, wish.job))) return { booked: false, why: 'no-job' };
      const taken: StockEntry[] = [];
      for (const { stock, count } of wish.taken) {
        const entry = await take(connection, shop, stock, count);
        if (typeof entry === 'number')
          throw new RolledBack<Booked>({ booked: false, why: 'too-few', has: entry, takes: count });
        taken.push(entry);
      }
      const brought: StockEntry[] = [];
      for (const item of wish.brought) {
        const id = randomUUID();
        await put(connection, shop, id, item);
        brought.push({ id, item, revision: 1, updatedAt: new Date().toISOString() });
      }
      await connection.execute(
        `INSERT INTO bookings (shop, id, job_id, material, taken, brought, booked_at)
         VALUES (?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))`,
        [shop, wish.id, wish.job, wish.material, JSON.stringify(taken), JSON.stringify(brought)],
      );
      return { booked: true };
    });
  }

  /** Puts back what was taken and takes the off-cuts out again, while they are all still there. */
  async undo(shop: ShopId, id: string): Promise<Undone> {
    return inTransaction(this.pool, async (connection): Promise<Undone> => {
      const booking = await bookingOf(connection, shop, id);
      if (!booking) return 'unknown';
      if (booking.undoneAt) return 'undone';
      for (const { id: offcut, item } of booking.brought)
        if (typeof (await take(connection, shop, offcut, item.count)) === 'number')
          throw new RolledBack<Undone>('used');
      for (const { id: stock, item } of booking.taken) await giveBack(connection, shop, stock, item);
      await connection.execute('UPDATE bookings SET undone_at = UTC_TIMESTAMP(3) WHERE shop = ? AND id = ?', [
        shop,
        id,
      ]);
      return 'undone';
    });
  }
}

/** A new item; what stands under its id stays as it is. */
async function put(connection: PoolConnection, shop: ShopId, id: string, item: Item): Promise<void> {
  await connection.execute(
    `INSERT INTO stock (shop, id, material, kind, item, count, updated_at) VALUES (?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE id = id`,
    [shop, id, item.material, item.kind, JSON.stringify(item), item.count],
  );
}

/** The item under this id, and nobody else changes it until the transaction ends. */
async function locked(connection: PoolConnection, shop: ShopId, id: string): Promise<StockEntry | undefined> {
  const [[row]] = await connection.execute<StockRow[]>(
    `SELECT ${COLUMNS} FROM stock WHERE shop = ? AND id = ? FOR UPDATE`,
    [shop, id],
  );
  return row && toEntry(row);
}

/** So many of an item, as an entry of that count; the row goes when none is left. How many there are, where too few. */
async function take(connection: PoolConnection, shop: ShopId, id: string, count: number): Promise<StockEntry | number> {
  const entry = await locked(connection, shop, id);
  if (!entry || entry.item.count < count) return entry?.item.count ?? 0;
  if (entry.item.count === count) await connection.execute('DELETE FROM stock WHERE shop = ? AND id = ?', [shop, id]);
  else await countBy(connection, shop, id, -count);
  return { ...entry, item: { ...entry.item, count } };
}

/** As many as were taken; what has become of the item meanwhile stays. */
async function giveBack(connection: PoolConnection, shop: ShopId, id: string, item: Item): Promise<void> {
  if (!(await countBy(connection, shop, id, item.count))) await put(connection, shop, id, item);
}

/** True where there is such an item. */
async function countBy(connection: PoolConnection, shop: ShopId, id: string, by: number): Promise<boolean> {
  const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
    `UPDATE stock SET count = GREATEST(0, CAST(count AS SIGNED) + ?), revision = revision + 1,
       updated_at = UTC_TIMESTAMP(3) WHERE shop = ? AND id = ?`,
    [by, shop, id],
  );
  return affectedRows === 1;
}

/** A job there is, kept from being deleted until the transaction ends. */
async function isJob(connection: PoolConnection, shop: ShopId, id: string): Promise<boolean> {
  const [[row]] = await connection.execute<RowDataPacket[]>(
    'SELECT id FROM jobs WHERE shop = ? AND id = ? AND deleted_at IS NULL LOCK IN SHARE MODE',
    [shop, id],
  );
  return row !== undefined;
}

async function bookingOf(connection: PoolConnection, shop: ShopId, id: string): Promise<Booking | undefined> {
  const [[row]] = await connection.execute<BookingRow[]>(
    `SELECT ${BOOKING} FROM bookings WHERE shop = ? AND id = ? FOR UPDATE`,
    [shop, id],
  );
  return row && toBooking(row);
}

function toEntry({ id, item, count, revision, updated_at }: StockRow): StockEntry {
  return { id, item: { ...(JSON.parse(item) as Item), count }, revision, updatedAt: updated_at.toISOString() };
}

function toBooking({ id, material, taken, brought, booked_at, undone_at }: BookingRow): Booking {
  return {
    id,
    material,
    taken: JSON.parse(taken) as StockEntry[],
    brought: JSON.parse(brought) as StockEntry[],
    bookedAt: booked_at.toISOString(),
    undoneAt: undone_at?.toISOString() ?? null,
  };
}
