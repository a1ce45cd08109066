import { existsSync, statSync } from 'node:fs';
import { backUp, withDatabase } from './lib/database-copy.mjs';
import { main, say, Stop } from './lib/say.mjs';

/** Everything of the shop in one file: jobs, logs, photographs, the rack, bookings, slides, habits, prices. */
await main(async () => {
  const [file, ...more] = process.argv.slice(2);
  if (!file || more.length > 0) throw new Stop('Say where to: npm run backup FILE');
  if (existsSync(file)) throw new Stop(`${file} is there already: name another. Nothing was written.`);
  await withDatabase((database) => backUp(database, file));
  say(`Everything is in ${file} (${(statSync(file).size / 1e6).toFixed(1)} MB).`);
});
