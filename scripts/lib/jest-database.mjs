import bundleTests from './jest-bundles.mjs';
import bundleCore from './jest-core.mjs';
import { throwawayDatabase } from './throwaway.mjs';

/** A real MariaDB for the server’s tests, started before them and gone after. */
export default async function startDatabase(whole, project) {
  await bundleTests(whole, project);
  await bundleCore();
  const database = await throwawayDatabase({ tls: true });
  globalThis.zabbleTestDatabase = database;
  process.env.TEST_DATABASE_URL = database.url;
  process.env.TEST_DATABASE_CA = database.ca;
}
