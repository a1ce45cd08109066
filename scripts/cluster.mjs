import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild } from './lib/build.mjs';
import { ensureDependencies } from './lib/dependencies.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { isFree } from './lib/ports.mjs';
import { main, say, Stop } from './lib/say.mjs';
import { ZabbleCluster } from './lib/zabble-cluster.mjs';

/** Three servers on three nodes of a database, for trials: see docs/cluster.md. What is put in is gone when it is stopped. */
await main(async () => {
  const port = Number(process.env.PORT ?? 4870);
  if (!(await isFree(port))) throw new Stop(`Port ${port} is taken: use another with PORT=4880 npm run cluster.`);
  await ensurePackages('mariadb-server', 'galera-4', 'rsync');
  await ensureDependencies();
  await ensureBuild();
  const cluster = new ZabbleCluster(mkdtempSync(join(tmpdir(), 'zabble-cluster-')));
  const stopped = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, resolve);
  });
  try {
    say('Three nodes of a database and three servers are started …');
    const at = await cluster.start(port);
    const link = await cluster.invite('owner@loft.example', 'Skerry Point', at);
    say(`Zabble is at ${at} (Ctrl-C stops it, and what was put in is gone). Shared: people sign in.`);
    say(`Its owner comes in by ${link}`);
    cluster.servers.forEach((server, number) => say(`  server ${number + 1}: http://127.0.0.1:${server.port}`));
    await stopped;
  } finally {
    await cluster.stop();
  }
});
