import { readFile } from 'node:fs/promises';
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise';
import { Umzug, type UmzugStorage } from 'umzug';

/**
 * Applies the migrations not yet recorded, in the order of their names. Processes that start together wait for one
 * another. Answers whether the database was new.
 */
export async function migrate(pool: Pool, folder: string): Promise<{ readonly wasNew: boolean }> {
  const connection = await pool.getConnection();
  try {
    await connection.query("SELECT GET_LOCK('zabble-migrations', 60)");
    await connection.query(
      'CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(200) NOT NULL PRIMARY KEY, applied_at DATETIME(3) NOT NULL)',
    );
    const umzug = new Umzug({
      migrations: { glob: ['*.sql', { cwd: folder }], resolve: (file) => fromSql(connection, file) },
      storage: recordedIn(connection),
      logger: undefined,
    });
    const before = await umzug.executed();
    await umzug.up();
    return { wasNew: before.length === 0 };
  } finally {
    await connection.query("SELECT RELEASE_LOCK('zabble-migrations')").catch(() => undefined);
    connection.release();
  }
}

function fromSql(connection: PoolConnection, { name, path }: { name: string; path?: string | undefined }) {
  return {
    name,
    up: async () => {
      const sql = await readFile(path ?? '', 'utf8');
      for (const statement of sql.split(/;\s*$/m)) if (statement.trim() !== '') await connection.query(statement);
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
