import { existsSync, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readConfig } from './config.js';
import { backupTo, checkedCopy, dropCopy, putInPlace } from './store/backup.js';
import { openDatabase } from './store/database.js';
import { runningServer, takeLock } from './store/lock.js';

/** Backup and restore from the command line. A backup may run beside the server; a restore asks the running server, or takes the lock itself. */
async function main([command, file]: string[]): Promise<void> {
  const { dataFolder } = readConfig(
    process.env,
    fileURLToPath(new URL('../../..', import.meta.url)),
  );
  const database = join(dataFolder, 'furrow.db');
  if (!file) throw new Error(`Name a file: node furrow.mjs ${command} FILE`);
  const target = resolve(file);
  if (command === 'backup') {
    if (!existsSync(database)) throw new Error(`There is nothing to back up in ${dataFolder}.`);
    const db = await openDatabase(database);
    try {
      await backupTo(db, dataFolder, target);
    } finally {
      await db.destroy();
    }
    console.log(`Backed up to ${target}`);
    return;
  }
  if (command === 'restore') {
    const server = runningServer(dataFolder);
    if (server) await askServer(server, target);
    else {
      mkdirSync(dataFolder, { recursive: true });
      const release = takeLock(dataFolder);
      try {
        putInPlace(await checkedCopy(target, dataFolder), dataFolder, `${target}.photos`);
      } finally {
        dropCopy(dataFolder);
        release();
      }
    }
    console.log(
      `Restored from ${target}. What was there before is kept as furrow.db.before-restore.`,
    );
    return;
  }
  throw new Error(`Unknown command ${command}.`);
}

/** The running server closes its file, swaps it and opens it again; it knows us by the secret in the lock. */
async function askServer(server: { url: string; secret: string }, path: string): Promise<void> {
  let response: Response;
  try {
    response = await fetch(`${server.url}/api/v1/restore`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'x-furrow-secret': server.secret },
      body: JSON.stringify({ path }),
    });
  } catch (error) {
    throw new Error(
      'Furrow runs on this data folder but did not answer. Stop it first. Nothing was changed.',
      { cause: error },
    );
  }
  if (!response.ok)
    throw new Error(
      ((await response.json().catch(() => null)) as { detail?: string } | null)?.detail ??
        'The running Furrow refused. Nothing was changed.',
    );
}

main(process.argv.slice(2)).catch((error: Error) => {
  console.error(error.message);
  process.exit(1);
});
