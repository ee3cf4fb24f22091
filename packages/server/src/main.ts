import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { makeApp } from './app.js';
import { makeClock } from './clock.js';
import { readConfig } from './config.js';
import { seedDemo } from './demo/seed.js';
import { ensureRules } from './firstRun.js';
import { closeDatabase, openDatabase } from './store/database.js';
import { takeLock } from './store/lock.js';

const root = fileURLToPath(new URL('../../..', import.meta.url));

async function main(): Promise<void> {
  const config = readConfig(process.env, root);
  const clock = makeClock(config.now);
  const releaseLock = takeLock(config.dataFolder);
  const db = await openDatabase(join(config.dataFolder, 'furrow.db'));
  await ensureRules(db, clock.now());
  if (process.argv.includes('--demo') && !(await db('sites').first())) await seedDemo(db, clock);
  const server = makeApp({ db, clock, seed: config.seed, webFolder: config.webFolder, photoFolder: join(config.dataFolder, 'photos') }).listen(config.port, config.host, (error?: Error) => {
    if (error) {
      console.error(`Furrow cannot listen on ${config.host}:${config.port}: ${error.message}`);
      process.exit(1);
    }
    const address = server.address() as { port: number };
    console.log(`Furrow is at http://${config.host === '0.0.0.0' ? 'localhost' : config.host}:${address.port}`);
  });
  let stopping = false;
  const stop = async (): Promise<void> => {
    if (stopping) return;
    stopping = true;
    server.close();
    server.closeAllConnections();
    await closeDatabase(db);
    releaseLock();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
}

main().catch((error: Error) => {
  console.error(error.message);
  process.exit(1);
});
