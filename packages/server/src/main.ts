import { inEnglish } from './words.js';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { makeApp } from './app.js';
import { makeClock } from './clock.js';
import { readConfig } from './config.js';
import { demoBeside, demoRoute } from './demo/beside.js';
import { seedDemo } from './demo/seed.js';
import { ensureRules } from './firstRun.js';
import { makeHouse } from './house/house.js';
import type { Sharing } from './house/sharing.js';
import { keepPrivate } from './house/privateFiles.js';
import { log } from './log.js';
import { sweepPhotos } from './photos/sweep.js';
import { endThreads } from './heavy/pool.js';
import { letGo } from './store/database.js';
import { watchCopies } from './copies/copyWatch.js';
import { openReopenable } from './store/reopenable.js';
import { takeLock } from './store/lock.js';
import { checkBeforeStart } from './copies/startup.js';
import { systemTrouble, troubleText } from './store/trouble.js';

const root = fileURLToPath(new URL('../../..', import.meta.url));

/** What this process writes is for the user who runs it, copies and pictures too. */
const FOR_THIS_USER_ALONE = 0o077;

async function main(): Promise<void> {
  process.umask(FOR_THIS_USER_ALONE);
  const config = readConfig(process.env, root);
  const clock = makeClock(config.now);
  const lock = takeLock(config.dataFolder);
  await checkBeforeStart(config.dataFolder, config.copiesFolder);
  const store = await openReopenable(join(config.dataFolder, 'furrow.db'));
  const { db } = store;
  keepPrivate(config.dataFolder, 0o700);
  keepPrivate(join(config.dataFolder, 'furrow.db'), 0o600);
  await ensureRules(db, clock.now());
  if (process.argv.includes('--demo') && !(await db('sites').first())) await seedDemo(db, clock);
  const photoFolder = join(config.dataFolder, 'photos');
  const swept = await sweepPhotos(db, photoFolder, new Date());
  if (swept) log.warn(`${swept} pictures that no entry names were taken away.`);
  const { seed, webFolder } = config;
  const copies = watchCopies(db, config.dataFolder, () => clock.now(), config.copiesFolder);
  const house = makeHouse({
    dataFolder: config.dataFolder,
    db,
    port: config.sharePort,
    host: config.shareHost,
    proxyAddress: config.proxyAddress,
  });
  const demo = demoBeside({ clock, seed, webFolder }, config.host);
  const app = makeApp({
    db,
    clock,
    seed,
    webFolder,
    photoFolder,
    restore: { store, secret: lock.secret },
    copies,
    house,
    more: [demoRoute(demo)],
  });
  house.sharing.serve(app);
  const server = app.listen(config.port, config.host, (error?: Error) => {
    if (error) {
      console.error(`Furrow cannot listen on ${config.host}:${config.port}: ${error.message}`);
      process.exit(1);
    }
    const address = server.address() as { port: number };
    lock.listening(`http://${config.proxyAddress ? '127.0.0.1' : config.host}:${address.port}`);
    console.log(`Furrow is at http://${config.host}:${address.port}`);
    void openHouse(house.sharing);
  });
  // A copy a day, kept by age; looked after every hour, so that a machine that sleeps gets its copy
  // too.
  const copying = setInterval(() => void copies.run(), 3_600_000);
  void copies.run();
  let stopping = false;
  const stop = async (): Promise<void> => {
    if (stopping) return;
    stopping = true;
    clearInterval(copying);
    server.close();
    server.closeAllConnections();
    await demo.close();
    await house.sharing.close();
    await endThreads();
    await letGo(db);
    lock();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
}

/** Opens the door of the house where the household wants it open. */
async function openHouse(sharing: Sharing): Promise<void> {
  const asked = process.argv.includes('--share');
  if (!asked && !sharing.wanted) return;
  try {
    await sharing.want(true);
    const [address] = sharing.addresses;
    if (address) console.log(`In the house it is at ${address}`);
    else console.error('This machine is in no network: no phone reaches it.');
  } catch (error) {
    console.error(`It is not shared in the house: ${troubleText(error)}.`);
  }
}

/** Why it did not start: what the system refused as words, anything else as it says itself. */
function whyNotStarted(error: Error & { code?: string }): string {
  const trouble = systemTrouble(String(error.code));
  return trouble
    ? `Furrow did not start: ${inEnglish(trouble)}. Mend that and start it again; nothing was changed.`
    : error.message;
}

main().catch((error: Error) => {
  console.error(whyNotStarted(error));
  process.exit(1);
});
