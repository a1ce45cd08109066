import { execFile, fork } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { measureFilled } from './bench-server/filled.mjs';
import { measureSaves } from './bench-server/saves.mjs';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { main } from './lib/say.mjs';
import { throwawayDatabase } from './lib/throwaway.mjs';
import { ZabbleServer } from './lib/zabble-server.mjs';

/**
 * How quick the server is, as ratios within one run; `saves` or `filled` for one half of it, `shared` for saves where people
 * sign in, beside a bare handler that reads its session too.
 */
await main(async () => {
  await ensurePackages('mariadb-server');
  await ensureDependencies();
  await ensureBuild();
  const database = await throwawayDatabase();
  const shared = process.argv[2] === 'shared';
  const server = new ZabbleServer(database.url, shared ? { ZABBLE_MODE: 'shared' } : {});
  const bare = fork(join(ROOT, 'scripts/bench-server/bare.mjs'), {
    env: { ...process.env, DATABASE_URL: database.url, ...(shared ? { BARE_SESSION: '1' } : {}) },
  });
  try {
    const url = await server.start();
    const { port } = await new Promise((resolve) => bare.once('message', resolve));
    const cookie = shared ? await signedIn(url, database.url) : undefined;
    if (process.argv[2] !== 'filled') await measureSaves(url, `http://127.0.0.1:${port}`, cookie);
    if (process.argv[2] !== 'saves' && !shared) await measureFilled(url, database.url);
  } finally {
    bare.disconnect();
    await server.stop();
    await database.end();
  }
});

/** The cookie of the owner of the demo shop. */
async function signedIn(url, databaseUrl) {
  const env = { ...process.env, DATABASE_URL: databaseUrl, PORT: new URL(url).port };
  const program = join(ROOT, 'apps/server/dist/share.js');
  const { stdout } = await promisify(execFile)(process.execPath, [program, 'owner@loft.example', 'Skerry Point'], {
    env,
  });
  const token = /#(\S+)/.exec(stdout)[1];
  const answer = await fetch(`${url}/api/session/join`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-zabble': '1' },
    body: JSON.stringify({ token, name: 'Owner', password: 'sail cloth and wax' }),
  });
  return answer.headers.getSetCookie()[0].split(';')[0];
}
