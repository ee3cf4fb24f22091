import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeApp } from './app.js';
import { seedDemo } from './demo/seed.js';
import { attack } from './testing/attack.js';
import { Household } from './testing/household.js';

/**
 * Three thousand requests made up from the interface's own description, the same ones every time.
 */
const COUNT = 3000;
const SEED = 20261129;

let home: Household;
let server: http.Server;
beforeAll(async () => {
  home = await Household.open();
  const clock = { now: () => home.now };
  await seedDemo(home.db, clock);
  const photoFolder = join(home.folder, 'photos');
  const app = makeApp({ db: home.db, clock, seed: 1, webFolder: 'none', photoFolder });
  await new Promise<void>((up) => {
    server = app.listen(0, '127.0.0.1', () => up());
  });
}, 60_000);
afterAll(async () => {
  server.close();
  server.closeAllConnections();
  await home.close();
});

describe('a household with years in it, under attack', () => {
  it('answers everything in words, writes nothing it refuses, and its book holds', async () => {
    const { port } = server.address() as AddressInfo;
    const base = `http://127.0.0.1:${port}`;
    const report = await attack({ base, db: home.db, count: COUNT, seed: SEED });
    expect(report.faults).toEqual([]);
    expect(report.sent).toBe(COUNT);
    // What is only refused proves little: some of it is good enough to be written.
    expect(report.byStatus['201']).toBeGreaterThan(20);
    expect(report.byStatus['400']).toBeGreaterThan(500);
  }, 600_000);
});
