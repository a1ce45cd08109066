import { execFile } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { databaseBeside, throwawayDatabase } from '../scripts/lib/throwaway.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';

const MOST_TEXT = 64_000_000;

/**
 * One MariaDB for all files, started before them and gone after; each has a database of its own on it, which begins as a server
 * leaves a new one: brought up to date and with the demo jobs, once for all.
 */
export default async function startDatabase(): Promise<() => Promise<void>> {
  const { url, end } = await throwawayDatabase();
  const folder = await mkdtemp(join(tmpdir(), 'zabble-begun-'));
  const begun = join(folder, 'begun.sql');
  const server = new ZabbleServer(url);
  await server.start();
  await server.stop();
  await writeFile(begun, await spoken('mariadb-dump', url, []));
  process.env['E2E_DATABASE_URL'] = url;
  process.env['E2E_BEGUN'] = begun;
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
  await spoken('mariadb', database.url, ['-e', `SOURCE ${process.env['E2E_BEGUN'] ?? ''}`]);
  return database;
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
