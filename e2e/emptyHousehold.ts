import { test as base } from '@playwright/test';
import { OwnServer } from './ownServer.js';

interface Fixtures {
  /** The instant at which the test's server starts its clock. */
  now: string;
  /** A server of the test's own on an empty household; stopped and its folder removed afterwards. */
  server: OwnServer;
}

/** Playwright's test with an empty household for each test; `test.use({ now })` sets its clock. */
export const test = base.extend<Fixtures>({
  now: ['2026-01-20T13:00:00Z', { option: true }],
  server: async ({ now }, use, { parallelIndex }) => {
    const server = new OwnServer(4640 + parallelIndex, now);
    await server.start();
    await use(server);
    await server.end();
  },
});
export { expect } from '@playwright/test';
