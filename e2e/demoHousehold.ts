import { test } from '@playwright/test';
import { OwnServer } from './ownServer.js';

/** When the demo household of the browser tests stands. */
const NOW = '2026-03-14T13:00:00Z';

/** A demo household for the tests of one file, fresh again where one of them is tried again. */
export function demoHousehold(now = NOW): OwnServer {
  const server = new OwnServer(now);
  test.beforeAll(() => server.startDemo());
  test.afterAll(() => server.end());
  return server;
}
