import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { isInstalled } from './installed.mjs';
import { ROOT } from './paths.mjs';
import { run } from './run.mjs';
import { say, Stop } from './say.mjs';
import { hashOf, isStamped, stamp } from './stamp.mjs';

/** Installs what the lock file names, when it is not all there. */
export async function ensureDependencies() {
  const hash = hashOf(['package-lock.json']);
  if (existsSync(join(ROOT, 'node_modules/.package-lock.json')) && isStamped('dependencies', hash)) return;
  if (!isInstalled(ROOT)) await install();
  stamp('dependencies', hash);
}

async function install() {
  say('Installing dependencies …');
  const env = { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  const { code, text } = await run('npm', ['ci', '--no-audit', '--no-fund'], { quiet: true, env });
  if (code !== 0)
    throw new Stop(
      `The dependencies could not be installed: npm ci ended with ${code}.\n${text.trim().split('\n').slice(-8).join('\n')}`,
    );
}
