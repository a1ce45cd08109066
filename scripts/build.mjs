import { ensureBuild } from './lib/build.mjs';
import { writeDocs } from './lib/docs.mjs';
import { main } from './lib/say.mjs';

await main(async () => {
  await writeDocs();
  await ensureBuild();
});
