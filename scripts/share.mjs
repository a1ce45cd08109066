import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { OwnMariaDb } from './lib/mariadb.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { DATABASE, ROOT } from './lib/paths.mjs';
import { run } from './lib/run.mjs';
import { claimRunning, runningHere } from './lib/running.mjs';
import { main, Stop } from './lib/say.mjs';

/** Makes the shop one that people sign in to: see apps/server/src/share.ts. */
await main(async () => {
  const own = process.env.DATABASE_URL === undefined;
  if (own && runningHere()) throw new Stop('Zabble runs on this database: stop it first. Nothing was changed.');
  if (own) await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  const release = own ? claimRunning() : () => undefined;
  const database = own ? new OwnMariaDb(DATABASE) : undefined;
  if (database && !existsSync(join(database.data, 'mysql')))
    throw new Stop('There is no database here yet: npm start makes one. Nothing was changed.');
  try {
    const DATABASE_URL = database ? await database.start() : process.env.DATABASE_URL;
    const program = join(ROOT, 'apps/server/dist/share.js');
    const { code } = await run(process.execPath, [program, ...process.argv.slice(2)], { env: { DATABASE_URL } });
    process.exitCode = code;
  } finally {
    await database?.stop();
    release();
  }
});
