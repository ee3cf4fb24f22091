import { appendFileSync } from 'node:fs';
import { test as base } from '@playwright/test';
import { OwnServer } from './ownServer.js';
import { Stranger } from './stranger.js';

interface Fixtures {
  /** The instant at which the test's server starts its clock. */
  now: string;
  /**
   * A server of the test's own on an empty household; stopped and its folder removed afterwards.
   */
  server: OwnServer;
}

/** Playwright's test with an empty household for each test; `test.use({ now })` sets its clock. */
export const test = base.extend<Fixtures>({
  now: ['2026-01-20T13:00:00Z', { option: true }],
  server: async ({ now }, use, { title }) => {
    const server = new OwnServer(now);
    await server.start();
    Stranger.walking = null;
    await use(server);
    await server.end();
    // How often a person touches the screen on the whole way: docs/the-row.md has it from here.
    const file = process.env.FURROW_TOUCHES;
    const { touches } = Stranger.walking ?? { touches: 0 };
    if (file && touches) appendFileSync(file, `${touches}\t${title}\n`);
  },
});
export { expect } from '@playwright/test';
