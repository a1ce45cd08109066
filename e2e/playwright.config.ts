import { defineConfig } from '@playwright/test';
import { browserProgram } from '../scripts/lib/browser.mjs';

export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: './test-results',
  globalSetup: './database.ts',
  // Each with a server and a browser of its own; every file begins on a new database with the demo jobs.
  workers: 3,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 12_000 },
  forbidOnly: true,
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    locale: 'en-GB',
    // Nothing is waited for that only moves.
    contextOptions: { reducedMotion: 'reduce' },
    // To keep the application on the device takes seconds, in every page anew: only where a story needs it.
    serviceWorkers: 'block',
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
