import { defineConfig } from '@playwright/test';
import { browserProgram } from '../scripts/lib/browser.mjs';
import { BARE } from './device';

const { reducedMotion, ...use } = BARE;

export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: './test-results',
  globalSetup: './database.ts',
  // Each with a server and a browser of its own; every file begins with nothing but the demo jobs.
  workers: 3,
  retries: 0,
  // A machine may be slow: what hangs is found out a little later.
  timeout: 90_000,
  expect: { timeout: 12_000 },
  forbidOnly: true,
  use: {
    ...use,
    contextOptions: { reducedMotion },
    launchOptions: {
      executablePath: browserProgram(),
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--disable-component-update',
      ],
    },
  },
});
