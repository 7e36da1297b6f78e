import { defineConfig, devices } from '@playwright/test';
import { CHROMIUM } from './bin/lib/packages.mjs';

const port = Number(process.env.AGGREGA_TEST_PORT ?? 4622);

/**
 * Debian's headless Chromium, without the errands that a desktop browser runs in the background. It sees our own pages only, so it goes
 * without its sandbox, which root and many containers do not allow.
 */
const launchOptions = {
  executablePath: CHROMIUM,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
};

export default defineConfig({
  testDir: 'tests',
  fullyParallel: true,
  workers: 2,
  // A busy machine is slower, not wrong; what fails three times is.
  timeout: 600_000,
  expect: { timeout: 90_000 },
  retries: process.env.CI ? 2 : 0,
  forbidOnly: !!process.env.CI,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  outputDir: 'test-results/browser',
  use: {
    ...devices['Desktop Chrome'],
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    launchOptions,
  },
  webServer: {
    command: `node bin/lib/test-server.mjs ${port}`,
    url: `http://127.0.0.1:${port}/health`,
    timeout: 600_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
  },
});
