import { defineConfig } from '@playwright/test';

/**
 * Each of these files has a server on a fresh demo household; the others start their own, empty
 * one.
 */
const launchOptions = {
  executablePath: process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
};
const server = (port: number, data: string) => ({
  command: `node e2e/serve.mjs ${port} ${data} --demo`,
  url: `http://127.0.0.1:${port}/api/v1/health`,
  cwd: '..',
  reuseExistingServer: false,
  timeout: 60_000,
});

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
    viewport: { width: 1280, height: 800 },
    actionTimeout: 12_000,
    locale: 'en-GB',
    timezoneId: 'America/Sao_Paulo',
  },
  webServer: [
    'access',
    'phone',
    'look',
    'bench',
    'rules',
    'faults',
    'cut',
    'kinds',
    'hivephone',
    'plan',
  ].map((name, i) => server(4582 + i, name)),
});
