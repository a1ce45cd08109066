import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { notices } from './lib/notices.mjs';
import { ROOT } from './lib/paths.mjs';

writeFileSync(join(ROOT, 'THIRD-PARTY-NOTICES.md'), notices());
