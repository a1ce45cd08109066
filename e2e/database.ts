import { execFile } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { databaseBeside, throwawayDatabase } from '../scripts/lib/throwaway.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';

const MOST_TEXT = 64_000_000;
/** Of a folder: a new database, and what puts back all that is kept in one. */
const BEGUN = 'begun.sql';
const AS_BEGUN = 'as-begun.sql';

/**
 * One MariaDB for all files, started before them and gone after; each has a database of its own on it, which begins as a server
 * leaves a new one: brought up to date and with the demo jobs, once for all.
 */
export default async function startDatabase(): Promise<() => Promise<void>> {
  const { url, end } = await throwawayDatabase();
  const folder = await mkdtemp(join(tmpdir(), 'zabble-begun-'));
  const server = new ZabbleServer(url);
  await server.start();
  await server.stop();
  await writeFile(join(folder, BEGUN), await spoken('mariadb-dump', url, []));
  await writeFile(join(folder, AS_BEGUN), await putBack(url));
  process.env['E2E_DATABASE_URL'] = url;
  process.env['E2E_BEGUN'] = folder;
  return async () => {
    await end();
    await rm(folder, { recursive: true });
  };
}

/** A new database that is empty; `name` is of one worker, letters, figures and low lines. */
export function ownDatabase(name: string): ReturnType<typeof databaseBeside> {
  return databaseBeside(process.env['E2E_DATABASE_URL'] ?? '', `zabble_${name}`);
}

/** A new database with the demo jobs. */
export async function begunDatabase(name: string): ReturnType<typeof databaseBeside> {
  const database = await ownDatabase(name);
  await read(database.url, BEGUN);
  return database;
}

/** Puts a database back as it begins, at once, while a server is on it. */
export function asBegun(url: string): Promise<unknown> {
  return read(url, AS_BEGUN);
}

function read(url: string, file: string): Promise<unknown> {
  return spoken('mariadb', url, ['-e', `SOURCE ${join(process.env['E2E_BEGUN'] ?? '', file)}`]);
}

/** The tables stay, so that nobody who asks meanwhile misses one. */
async function putBack(url: string): Promise<string> {
  const tables = (await spoken('mariadb', url, ['--skip-column-names', '-e', 'SHOW TABLES'])).trim().split('\n');
  const rows = await spoken('mariadb-dump', url, ['--no-create-info', '--skip-add-locks', '--skip-disable-keys']);
  const emptied = tables.map((table) => `DELETE FROM ${table};`);
  return ['SET foreign_key_checks = 0;', 'START TRANSACTION;', ...emptied, rows, 'COMMIT;'].join('\n');
}

/** What a program of MariaDB says of the database of this URL. */
async function spoken(program: string, url: string, args: readonly string[]): Promise<string> {
  const { hostname, port, username, password, pathname } = new URL(url);
  const at = ['--no-defaults', `--host=${hostname}`, `--port=${port}`, `--user=${username}`];
  const { stdout } = await promisify(execFile)(program, [...at, pathname.slice(1), ...args], {
    env: { ...process.env, MYSQL_PWD: password },
    maxBuffer: MOST_TEXT,
  });
  return stdout;
}
