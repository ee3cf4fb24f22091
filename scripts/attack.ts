// Sends made-up requests to a server of its own on a demo household, and says what did not hold:
// node furrow.mjs attack [COUNT] [SEED].
import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from '../packages/server/src/app.js';
import { makeClock } from '../packages/server/src/clock.js';
import { seedDemo } from '../packages/server/src/demo/seed.js';
import { ensureRules } from '../packages/server/src/firstRun.js';
import { closeDatabase, openDatabase } from '../packages/server/src/store/database.js';
import { attack } from '../packages/server/src/testing/attack.js';

const count = Number(process.argv[2] ?? 10_000);
const seed = Number(process.argv[3] ?? Date.now() % 1_000_000);
if (!Number.isInteger(count) || count < 1 || !Number.isInteger(seed)) {
  console.error('How many requests, and which seed? Both are whole numbers.');
  process.exit(2);
}
const folder = mkdtempSync(join(tmpdir(), 'furrow-attack-'));
const db = await openDatabase(join(folder, 'furrow.db'));
const clock = makeClock(null);
await ensureRules(db, clock.now());
await seedDemo(db, clock);
const app = makeApp({ db, clock, seed: 1, webFolder: 'none', photoFolder: join(folder, 'photos') });
const server = app.listen(0, '127.0.0.1', async () => {
  const { port } = server.address() as AddressInfo;
  console.log(`${count} requests, seed ${seed} …`);
  const began = Date.now();
  const report = await attack({ base: `http://127.0.0.1:${port}`, db, count, seed });
  console.log(`${report.sent} sent in ${Math.round((Date.now() - began) / 1000)} s`);
  console.log(report.byStatus);
  for (const fault of report.faults) console.log(`\n${fault}`);
  console.log(report.faults.length ? '' : 'Nothing did not hold.');
  server.close();
  server.closeAllConnections();
  await closeDatabase(db);
  rmSync(folder, { recursive: true, force: true });
  process.exit(report.faults.length ? 1 : 0);
});
