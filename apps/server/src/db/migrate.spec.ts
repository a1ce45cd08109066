import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { ownDatabase } from '../own-server.spec-data';
import { Lease } from './lease';
import { migrate, statementsOf } from './migrate';

const MIGRATIONS = join(__dirname, '../../migrations');
const files = readdirSync(MIGRATIONS).sort();
const folder = mkdtempSync(join(tmpdir(), 'zabble-migrations-'));
cpSync(MIGRATIONS, folder, { recursive: true });
const pools: Pool[] = [];
const database = async (name: string): Promise<Pool> => {
  const pool = await ownDatabase(name);
  pools.push(pool);
  return pool;
};
afterAll(async () => {
  rmSync(folder, { recursive: true });
  await Promise.all(pools.map((pool) => pool.end()));
});

async function tablesOf(pool: Pool): Promise<Readonly<Record<string, string>>> {
  const [tables] = await pool.query<RowDataPacket[]>('SHOW TABLES');
  const names = tables.flatMap((row) => Object.values(row) as string[]);
  const made = await Promise.all(
    names.map(async (name) => {
      const [[row]] = await pool.query<RowDataPacket[]>(`SHOW CREATE TABLE ${name}`);
      return [name, String(row!['Create Table']).replace(/ AUTO_INCREMENT=\d+/, '')] as const;
    }),
  );
  return Object.fromEntries(made);
}

describe('bringing a database up to date', () => {
  it('that broke off after any statement is begun again and comes out the same', async () => {
    const [whole, broken] = [await database('zabble_whole'), await database('zabble_broken')];
    await migrate(whole, MIGRATIONS);
    const soFar = mkdtempSync(join(tmpdir(), 'zabble-so-far-'));
    for (const file of files) {
      const statements = statementsOf(readFileSync(join(MIGRATIONS, file), 'utf8'));
      for (let done = 1; done <= statements.length; done += 1)
        for (const statement of statements.slice(0, done)) await broken.query(statement);
      cpSync(join(MIGRATIONS, file), join(soFar, file));
      await migrate(broken, soFar);
    }
    rmSync(soFar, { recursive: true });
    expect(await tablesOf(broken)).toEqual(await tablesOf(whole));
  });

  it('keeps what a filled database holds, ids and names as they were', async () => {
    const pool = await database('zabble_filled');
    const older = mkdtempSync(join(tmpdir(), 'zabble-older-'));
    for (const file of files.filter((name) => name < '0007')) cpSync(join(MIGRATIONS, file), join(older, file));
    await migrate(pool, older);
    rmSync(older, { recursive: true });
    const job = '22222222-2222-4222-8222-222222222222';
    const shop = '00000000-0000-4000-8000-000000000000';
    await pool.query(
      "INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at) VALUES (?, ?, 'n', '', '{}', 7, NOW(), NOW())",
      [shop, job],
    );
    await pool.query(
      "INSERT INTO log_entries (shop, job_id, seq, id, kind, happened_at, entry, words, kept_at) VALUES (?, ?, 1, 'e1', 'note', NOW(), '{}', 'w', NOW())",
      [shop, job],
    );
    await pool.query(
      "INSERT INTO shop_slides (shop, id, name, slide, updated_at) VALUES (?, ?, 'Läufer', '{}', NOW())",
      [shop, job],
    );
    await migrate(pool, MIGRATIONS);
    const [[row]] = await pool.query<RowDataPacket[]>(
      'SELECT j.revision, j.save, e.id, s.name, s.revision AS times FROM jobs j JOIN log_entries e ON e.job_id = j.id JOIN shop_slides s',
    );
    expect(row).toEqual({ revision: 7, save: null, id: 'e1', name: 'Läufer', times: 1 });
  });

  it('is not begun where a newer Zabble has been', async () => {
    const pool = await database('zabble_newer');
    writeFileSync(join(folder, '9999-tomorrow.sql'), 'CREATE TABLE IF NOT EXISTS tomorrow (id INT);');
    await migrate(pool, folder);
    await expect(migrate(pool, MIGRATIONS)).rejects.toThrow(/newer Zabble \(9999-tomorrow\.sql\)/);
  });

  it('waits for another only so long, and says so', async () => {
    const pool = await database('zabble_locked');
    const other = new Lease(pool);
    expect(await other.take(1)).toBe(true);
    await expect(migrate(pool, MIGRATIONS, 1)).rejects.toThrow('Another Zabble has been bringing');
    await other.release();
    expect(await migrate(pool, MIGRATIONS, 1)).toEqual({ wasNew: true });
  });

  it('goes on after one that was killed meanwhile, and is not done by two at once', async () => {
    const pool = await database('zabble_killed');
    const killed = new Lease(pool);
    await killed.take(1);
    await pool.query('UPDATE migration_lease SET until = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND');
    const all = await Promise.all([migrate(pool, MIGRATIONS, 30), migrate(pool, MIGRATIONS, 30)]);
    expect(all.map(({ wasNew }) => wasNew).sort()).toEqual([false, true]);
    // Who was thought dead and is not finds that it is another’s.
    expect(await new Lease(pool).take(0)).toBe(true);
    expect(await killed.held()).toBe(false);
    await killed.release();
  });
});
