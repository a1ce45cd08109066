import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import type { Readable } from 'node:stream';
import { inTransaction, RolledBack } from '../db/transaction';
import type { ShopId } from '../whose/shop';
import { TAKEN, type Taken } from './tables';

/** A row as it stands in the file: moments and days as text, what is no text in base 64. */
export type PlainRow = Readonly<Record<string, string | number | null>>;

/** What a shop is called, and in what its prices are. */
export interface AboutShop {
  readonly name: string;
  readonly currency: string | null;
}

/** What puts in one row after the other, and says in what prices are. */
export interface Putting {
  row(table: Taken, row: PlainRow): Promise<void>;
  currency(currency: string | null): Promise<void>;
}

interface Column {
  readonly name: string;
  readonly kind: 'plain' | 'time' | 'bytes';
}

type Columns = ReadonlyMap<Taken, readonly Column[]>;

/** So many rows are put in at once at most, and so many letters. */
const AT_ONCE = 200;
const LETTERS = 4_000_000;

/** Every row of a shop, out and in: all tables of TAKEN. */
export class ShopFileRepository {
  constructor(private readonly pool: Pool) {}

  async about(shop: ShopId): Promise<AboutShop> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>('SELECT name, currency FROM shops WHERE id = ?', [shop]);
    return { name: String(row?.['name'] ?? ''), currency: (row?.['currency'] as string | null | undefined) ?? null };
  }

  /** Every row, table by table, as all of it stood at one moment. */
  async *rows(shop: ShopId): AsyncGenerator<readonly [Taken, PlainRow]> {
    const columns = await this.columns();
    const connection = await this.pool.getConnection();
    try {
      // It takes as long as it takes; the connection is given up afterwards.
      await connection.query('SET SESSION max_statement_time = 0');
      await connection.query('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ');
      await connection.query('START TRANSACTION WITH CONSISTENT SNAPSHOT');
      for (const table of TAKEN) {
        const sql = `SELECT ${selected(columns.get(table) ?? [])} FROM ${table} WHERE shop = ?`;
        for await (const row of streamed(connection, sql, [shop])) yield [table, row as PlainRow];
      }
    } finally {
      connection.destroy();
    }
  }

  /** Puts in what `each` reads, all or nothing. False where the shop has jobs already. */
  async bring(shop: ShopId, each: (put: Putting) => Promise<void>): Promise<boolean> {
    const columns = await this.columns();
    return inTransaction(this.pool, async (connection) => {
      const [jobs] = await connection.execute<RowDataPacket[]>('SELECT 1 FROM jobs WHERE shop = ? LIMIT 1', [shop]);
      if (jobs.length > 0) throw new RolledBack(false);
      // What was said of the shop before there was a job in it gives way.
      for (const table of TAKEN) await connection.query(`DELETE FROM ${table} WHERE shop = ?`, [shop]);
      const batch = new Batch(connection, shop, columns);
      await each({
        row: (table, row) => batch.put(table, row),
        currency: async (currency) => {
          await connection.execute('UPDATE shops SET currency = ? WHERE id = ?', [currency, shop]);
        },
      });
      await batch.end();
      return true;
    });
  }

  /** The fields a row of each table has, but for whose it is. */
  private async columns(): Promise<Columns> {
    const [rows] = await this.pool.query<RowDataPacket[]>(
      `SELECT table_name AS of, column_name AS name, data_type AS kind FROM information_schema.columns
       WHERE table_schema = DATABASE() AND column_name <> 'shop' AND table_name IN (?) ORDER BY table_name, ordinal_position`,
      [[...TAKEN]],
    );
    const all = new Map<Taken, Column[]>();
    for (const row of rows) {
      const table = String(row['of']) as Taken;
      const kind = /blob|binary/.test(String(row['kind']))
        ? 'bytes'
        : /^date/.test(String(row['kind']))
          ? 'time'
          : 'plain';
      all.set(table, [...(all.get(table) ?? []), { name: String(row['name']), kind }]);
    }
    return all;
  }
}

/** Row by row: what a promise answers would hold all of them. */
function streamed(connection: PoolConnection, sql: string, values: readonly string[]): Readable {
  const plain = connection.connection as unknown as {
    query(sql: string, values: readonly string[]): { stream(): Readable };
  };
  return plain.query(sql, values).stream();
}

function selected(columns: readonly Column[]): string {
  const how = { plain: (name: string) => name, time: asText, bytes: (name: string) => `TO_BASE64(${name})` };
  return columns.map(({ name, kind }) => `${how[kind](`\`${name}\``)} AS \`${name}\``).join(', ');
}

const asText = (name: string): string => `CAST(${name} AS CHAR)`;

/** Rows of one table after the other, many at a time. */
class Batch {
  private table: Taken | undefined;
  private rows: unknown[][] = [];
  private letters = 0;

  constructor(
    private readonly connection: PoolConnection,
    private readonly shop: ShopId,
    private readonly columns: Columns,
  ) {}

  async put(table: Taken, row: PlainRow): Promise<void> {
    if (table !== this.table || this.rows.length >= AT_ONCE || this.letters > LETTERS) await this.end();
    this.table = table;
    const columns = this.columns.get(table) ?? [];
    this.rows.push(columns.map(({ name, kind }) => valueOf(row[name] ?? null, kind)));
    for (const { name } of columns) this.letters += String(row[name] ?? '').length;
  }

  async end(): Promise<void> {
    if (this.table === undefined || this.rows.length === 0) return;
    const names = (this.columns.get(this.table) ?? []).map(({ name }) => `\`${name}\``).join(', ');
    const rows = this.rows.map((row) => [this.shop, ...row]);
    await this.connection.query(`INSERT INTO ${this.table} (shop, ${names}) VALUES ?`, [rows]);
    [this.rows, this.letters] = [[], 0];
  }
}

const valueOf = (value: string | number | null, kind: Column['kind']): unknown =>
  kind === 'bytes' && value !== null ? Buffer.from(String(value), 'base64') : value;
