import { defineConfig } from '@playwright/test';

/** Pictures of the main views from the demo household, at a fixed time, into docs/screenshots. */
export default defineConfig({
  testDir: '.',
  outputDir: '../../test-results',
  workers: 1,
  reporter: [['list']],
  timeout: 300_000,
  use: {
    launchOptions: {
      executablePath: process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu'],
    },
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'America/Sao_Paulo',
    baseURL: 'http://127.0.0.1:4590',
  },
  webServer: [
    {
      command: 'node e2e/serve.mjs 4590 shots --demo',
      url: 'http://127.0.0.1:4590/api/v1/health',
      cwd: '../..',
      env: { FURROW_SHOT: 'yes' },
      timeout: 60_000,
    },
  ],
});
