import { assertFree, assertWhole, backUp, restore, withDatabase } from './lib/database-copy.mjs';
import { claimRunning, runningHere } from './lib/running.mjs';
import { main, say, Stop } from './lib/say.mjs';

/** A backup in place of everything there is; what there was is kept in a file beside it first. */
await main(async () => {
  const [file, ...more] = process.argv.slice(2);
  if (!file || more.length > 0) throw new Stop('Say from where: npm run restore FILE');
  if (!process.env.DATABASE_URL && runningHere())
    throw new Stop('Zabble runs on this database: stop it first. Nothing was changed.');
  await assertWhole(file);
  const release = process.env.DATABASE_URL ? () => undefined : claimRunning();
  try {
    await withDatabase(async (database) => {
      await assertFree(database);
      const before = `${file}.before-${new Date().toISOString().replaceAll(/[:.]/g, '-')}.gz`;
      await backUp(database, before);
      try {
        await restore(database, file);
      } catch (problem) {
        await restore(database, before);
        throw new Stop(`${problem.message} What there was stands again.`);
      }
      say(`${file} is restored. What there was before is kept in ${before}.`);
    });
  } finally {
    release();
  }
});
