import { ensureBuild } from './lib/build.mjs';
import { main } from './lib/say.mjs';

await main(ensureBuild);
