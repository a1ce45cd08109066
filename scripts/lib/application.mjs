import { createRequire } from 'node:module';
import { join } from 'node:path';
import { browserProgram } from './browser.mjs';
import { ensureBuild } from './build.mjs';
import { ensureDependencies } from './dependencies.mjs';
import { ensurePackages } from './packages.mjs';
import { ROOT } from './paths.mjs';
import { throwawayDatabase } from './throwaway.mjs';
import { ZabbleServer } from './zabble-server.mjs';

/** The built application on a new database with the demo jobs, and a browser to look at it; both end with `work`. */
export async function withApplication(work) {
  await ensurePackages('mariadb-server', 'chromium-headless-shell');
  await ensureDependencies();
  await ensureBuild();
  const database = await throwawayDatabase();
  const server = new ZabbleServer(database.url);
  const url = await server.start();
  const { chromium } = createRequire(join(ROOT, 'e2e/package.json'))('@playwright/test');
  const browser = await chromium.launch({
    executablePath: browserProgram(),
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-background-networking'],
  });
  try {
    await work(browser, url);
  } finally {
    await browser.close();
    await server.stop();
    await database.end();
  }
}
