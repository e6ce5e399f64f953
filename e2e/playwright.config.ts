import { defineConfig } from '@playwright/test';

import { CHROMIUM } from '../scripts/setup/chromium.mjs';

/** The whole suite, as `npm test` runs it. */
const suite = process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] !== undefined;

/** Browser tests in Debian's Chromium, without a window and without a network beyond this machine. */
export default defineConfig({
  testDir: '.',
  globalSetup: './workshopTemplate.ts',
  testMatch: '**/*.spec.ts',
  build: { external: ['**/server/.build/**'] }, // bundled already
  outputDir: '../test-results',
  workers: 3, // they wait for hands and clocks more than they work
  retries: 0, // a test that needs a second try has found a fault
  // Bounds for what hangs, not for what is slow.
  timeout: 120_000,
  expect: { timeout: 30_000 },
  reporter: suite ? [['line'], ['json']] : [['list']],
  use: {
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
