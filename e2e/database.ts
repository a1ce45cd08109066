import { databaseBeside, throwawayDatabase } from '../scripts/lib/throwaway.mjs';

/** One MariaDB for all files, started before them and gone after; each has a database of its own on it. */
export default async function startDatabase(): Promise<() => Promise<void>> {
  const { url, end } = await throwawayDatabase();
  process.env['E2E_DATABASE_URL'] = url;
  return end;
}

/** A new database; `name` is of one worker, letters, figures and low lines. */
export function ownDatabase(name: string): ReturnType<typeof databaseBeside> {
  return databaseBeside(process.env['E2E_DATABASE_URL'] ?? '', `zabble_${name}`);
}
