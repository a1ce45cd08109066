import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { OwnMariaDb } from './mariadb.mjs';

/** A MariaDB in a folder of its own that is gone when it is stopped: for tests and pictures. */
export async function throwawayDatabase() {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-test-'));
  const database = new OwnMariaDb(folder);
  const url = await database.start();
  const end = async () => {
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { url, end };
}
