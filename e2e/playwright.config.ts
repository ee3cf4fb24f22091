import { defineConfig } from '@playwright/test';

const launchOptions = {
  executablePath: process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
};
/** Every file starts servers of its own, on free ports: on a copy of the demo household, or empty. */
export default defineConfig({
  testDir: '.',
  testIgnore: 'shots/**',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  // A second try tells a machine that stumbled from a fault: the list reporter names it flaky.
  retries: 1,
  reporter: [['list']],
  expect: { timeout: 12_000 },
  timeout: 150_000,
  use: {
    launchOptions,
    // What a page keeps on a device is its own matter: a test asks for it where it is about that.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    actionTimeout: 12_000,
    locale: 'en-GB',
    timezoneId: 'America/Sao_Paulo',
  },
  globalSetup: './demoRun.ts',
});
