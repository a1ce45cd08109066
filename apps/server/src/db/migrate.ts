import { readFile } from 'node:fs/promises';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { Umzug, type UmzugStorage } from 'umzug';
import { Lease } from './lease';

/** How long another process is waited for that brings the database up to date, in seconds. */
const PATIENCE = 60;

/**
 * Applies the migrations not yet recorded, in the order of their names. Processes that start together wait for one
 * another. Every statement of a migration may be repeated: one that broke off half way is begun again. Answers whether
 * the database was new; throws a sentence where another process holds on to it, or a newer Zabble was here.
 */
export async function migrate(pool: Pool, folder: string, patience = PATIENCE): Promise<{ readonly wasNew: boolean }> {
  const lease = new Lease(pool);
  if (!(await lease.take(patience)))
    throw new Error(
      `Another Zabble has been bringing the database up to date for ${patience} s. Nothing was changed; start again when it is done.`,
    );
  const connection = await pool.getConnection();
  try {
    await connection.query(
      'CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(200) NOT NULL PRIMARY KEY, applied_at DATETIME(3) NOT NULL)',
    );
    const umzug = new Umzug({
      migrations: { glob: ['*.sql', { cwd: folder }], resolve: (file) => fromSql(connection, lease, file) },
      storage: recordedIn(connection),
      logger: undefined,
    });
    const before = await umzug.executed();
    const recorded = await recordedIn(connection).executed({ context: undefined });
    const strange = recorded.find((name) => before.every((each) => each.name !== name));
    if (strange !== undefined)
      throw new Error(
        `The database was brought up to date by a newer Zabble (${strange}): start that one. Nothing was changed.`,
      );
    await umzug.up();
    return { wasNew: recorded.length === 0 };
  } finally {
    connection.release();
    await lease.release().catch(() => undefined);
  }
}

/** The statements of a migration, one after the other. */
export function statementsOf(sql: string): readonly string[] {
  return sql.split(/;\s*$/m).filter((statement) => statement.trim() !== '');
}

function fromSql(
  connection: PoolConnection,
  lease: Lease,
  { name, path }: { name: string; path?: string | undefined },
) {
  return {
    name,
    up: async () => {
      for (const statement of statementsOf(await readFile(path ?? '', 'utf8'))) {
        await connection.query(statement);
        if (!(await lease.held()))
          throw new Error('Another Zabble brings the database up to date meanwhile: start again when it is done.');
      }
    },
  };
}

function recordedIn(connection: PoolConnection): UmzugStorage {
  return {
    logMigration: async ({ name }) => {
      await connection.execute('INSERT INTO migrations (name, applied_at) VALUES (?, UTC_TIMESTAMP(3))', [name]);
    },
    unlogMigration: async ({ name }) => {
      await connection.execute('DELETE FROM migrations WHERE name = ?', [name]);
    },
    executed: async () => {
      const [rows] = await connection.query<RowDataPacket[]>('SELECT name FROM migrations ORDER BY name');
      return rows.map((row) => String(row['name']));
    },
  };
}
