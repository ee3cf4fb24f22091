import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { HouseView } from '@furrow/core';
import { readConfig } from './config.js';
import {
  backupTo,
  checkedCopy,
  dropCopy,
  keptBefore,
  putInPlace,
  replacesText,
} from './copies/backup.js';
import { closeDatabase, openDatabase } from './store/database.js';
import { runningServer, takeLock } from './store/lock.js';
import { picturesOf } from './copies/pictureCopies.js';
import { isEmptyHousehold, summaryOf, summaryText, type HouseholdSummary } from './copies/proof.js';

const CONFIRM = 'Say it again with --yes to put it in place. Nothing was changed.';

/**
 * Backup and restore from the command line. A backup may run beside the server; a restore asks the
 * running server, or takes the lock itself. What would replace a household is said and confirmed
 * first.
 */
async function main([command, ...args]: string[]): Promise<void> {
  const { dataFolder } = readConfig(
    process.env,
    fileURLToPath(new URL('../../..', import.meta.url)),
  );
  const flags = new Set(args.filter((a) => a.startsWith('--')));
  const [file] = args.filter((a) => !a.startsWith('--'));
  if (command === 'backup') {
    if (!file) throw new Error('Name a file: node furrow.mjs backup FILE');
    await backup(dataFolder, resolve(file));
    return;
  }
  if (command === 'pair') return pair(dataFolder, flags.has('--helper'));
  if (command !== 'restore') throw new Error(`Unknown command ${command}.`);
  const target = flags.has('--before') ? keptBefore(dataFolder)[0] : file && resolve(file);
  if (!target)
    throw new Error(
      flags.has('--before')
        ? 'No household was replaced here: there is nothing to bring back.'
        : 'Name a file: node furrow.mjs restore FILE, or --before for what the last restore replaced.',
    );
  const server = runningServer(dataFolder);
  const restored = await (server
    ? askServer(server, target, flags.has('--yes'))
    : restoreHere(dataFolder, target, flags.has('--yes')));
  console.log(`Restored from ${target}: ${restored.says}.`);
  if (restored.aside)
    console.log(
      `What was there before is kept as ${restored.aside}; node furrow.mjs restore --before brings it back.`,
    );
}

/** Asks the running server for a code and says it, with the address a phone opens. */
async function pair(dataFolder: string, isHelper: boolean): Promise<void> {
  const server = runningServer(dataFolder);
  if (!server) throw new Error('Furrow does not run on this data folder. Start it first.');
  const response = await fetch(`${server.url}/api/v1/house/pairings`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', 'x-furrow-secret': server.secret },
    body: JSON.stringify({ kind: isHelper ? 'helper' : 'household' }),
  });
  if (!response.ok) throw new Error('The running Furrow gave no code.');
  const { pairing, sharing } = (await response.json()) as HouseView;
  const code = pairing!.code.replace(/^(.{4})/, '$1 ');
  console.log(
    sharing.on
      ? `On the phone open ${sharing.addresses[0] ?? 'Furrow'} and type ${code}. It is good once, for ten minutes.`
      : `The code is ${code}, but Furrow is not shared in the house yet: node furrow.mjs share.`,
  );
}

async function backup(dataFolder: string, target: string): Promise<void> {
  const database = join(dataFolder, 'furrow.db');
  if (!existsSync(database)) throw new Error(`There is nothing to back up in ${dataFolder}.`);
  const db = await openDatabase(database);
  try {
    await backupTo(db, dataFolder, target);
  } finally {
    await db.destroy();
  }
  console.log(`Backed up to ${target}`);
}

interface Restored {
  says: string;
  aside: string | null;
}

/** Where no server runs this process puts the file in place, under the lock. */
async function restoreHere(
  dataFolder: string,
  target: string,
  confirmed: boolean,
): Promise<Restored> {
  mkdirSync(dataFolder, { recursive: true });
  const release = takeLock(dataFolder);
  try {
    const { incoming, summary } = await checkedCopy(target, dataFolder);
    const here = await summaryHere(join(dataFolder, 'furrow.db'));
    if (!confirmed && here && !isEmptyHousehold(here))
      throw new Error(`${replacesText(summary, here)} ${CONFIRM}`);
    const aside = putInPlace(incoming, dataFolder, picturesOf(target));
    return { says: summaryText(summary), aside };
  } finally {
    dropCopy(dataFolder);
    release();
  }
}

/**
 * What stands there now; null where nothing does, or where it cannot be read any more: then it is
 * kept aside as it is.
 */
async function summaryHere(database: string): Promise<HouseholdSummary | null> {
  if (!existsSync(database)) return null;
  try {
    const db = await openDatabase(database);
    try {
      return await summaryOf(db);
    } finally {
      await closeDatabase(db);
    }
  } catch {
    return null;
  }
}

/**
 * The running server closes its file, swaps it and opens it again; it knows us by the secret in the
 * lock.
 */
async function askServer(
  server: { url: string; secret: string },
  path: string,
  confirmed: boolean,
): Promise<Restored> {
  let response: Response;
  try {
    response = await fetch(`${server.url}/api/v1/restore`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'x-furrow-secret': server.secret },
      body: JSON.stringify({ path, confirmed }),
    });
  } catch (error) {
    throw new Error(
      'Furrow runs on this data folder but did not answer. Stop it first. Nothing was changed.',
      { cause: error },
    );
  }
  const answer = (await response.json().catch(() => null)) as
    (Restored & { detail?: string; code?: string }) | null;
  if (!response.ok) {
    const detail = answer?.detail ?? 'The running Furrow refused. Nothing was changed.';
    throw new Error(answer?.code === 'confirm-restore' ? `${detail} ${CONFIRM}` : detail);
  }
  return answer!;
}

main(process.argv.slice(2)).catch((error: Error) => {
  console.error(error.message);
  process.exit(1);
});
