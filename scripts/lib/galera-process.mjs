import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { GaleraCluster } from './galera.mjs';

/** A cluster of a test’s own, told over the channel what is to happen to it: it says when it has. Gone with whoever began it. */
const cluster = new GaleraCluster(mkdtempSync(join(tmpdir(), 'zabble-nodes-')));

process.on('message', async ([what, at]) => {
  try {
    await cluster[what](at);
    process.send([what, cluster.urls]);
  } catch (problem) {
    process.send(['failed', problem.message]);
  }
  if (what === 'stop') process.disconnect();
});
process.once('disconnect', () => void cluster.stop());
