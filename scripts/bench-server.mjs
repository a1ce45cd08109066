import { fork } from 'node:child_process';
import { join } from 'node:path';
import { measureFilled } from './bench-server/filled.mjs';
import { measureSaves } from './bench-server/saves.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { main } from './lib/say.mjs';
import { throwawayDatabase } from './lib/throwaway.mjs';
import { ZabbleServer } from './lib/zabble-server.mjs';

/** How quick the server is, as ratios within one run; `saves` or `filled` for one half of it. */
await main(async () => {
  await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  const database = await throwawayDatabase();
  const server = new ZabbleServer(database.url);
  const bare = fork(join(ROOT, 'scripts/bench-server/bare.mjs'), {
    env: { ...process.env, DATABASE_URL: database.url },
  });
  try {
    const url = await server.start();
    const { port } = await new Promise((resolve) => bare.once('message', resolve));
    if (process.argv[2] !== 'filled') await measureSaves(url, `http://127.0.0.1:${port}`);
    if (process.argv[2] !== 'saves') await measureFilled(url, database.url);
  } finally {
    bare.disconnect();
    await server.stop();
    await database.end();
  }
});
