import { copyFileSync, cpSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readConfig } from './config.js';
import { closeDatabase, openDatabase } from './store/database.js';
import { takeLock } from './store/lock.js';

/** Backup and restore from the command line. A backup may run beside the server; a restore takes the lock. */
async function main([command, file]: string[]): Promise<void> {
  const { dataFolder } = readConfig(process.env, fileURLToPath(new URL('../../..', import.meta.url)));
  const database = join(dataFolder, 'furrow.db');
  if (!file) throw new Error(`Name a file: node furrow.mjs ${command} FILE`);
  const target = resolve(file);
  if (command === 'backup') {
    if (!existsSync(database)) throw new Error(`There is nothing to back up in ${dataFolder}.`);
    if (existsSync(target)) throw new Error(`${target} is there already. Choose another name.`);
    const db = await openDatabase(database);
    await db.raw('VACUUM INTO ?', [target]);
    await db.destroy();
    // Pictures lie beside the database under their own names; they go with it.
    if (existsSync(join(dataFolder, 'photos'))) cpSync(join(dataFolder, 'photos'), `${target}.photos`, { recursive: true });
    console.log(`Backed up to ${target}`);
    return;
  }
  if (command === 'restore') {
    if (!existsSync(target)) throw new Error(`There is no file ${target}.`);
    // A file that is no database opens as an empty one, so its header is read first.
    if (readFileSync(target).subarray(0, 15).toString() !== 'SQLite format 3') throw new Error('This is no Furrow backup. Nothing was changed.');
    const release = takeLock(dataFolder);
    try {
      mkdirSync(dataFolder, { recursive: true });
      const incoming = join(dataFolder, 'incoming.db');
      copyFileSync(target, incoming);
      const db = await openDatabase(incoming);
      const check = (await db.raw('PRAGMA integrity_check')) as { integrity_check: string }[];
      await closeDatabase(db);
      if (check[0].integrity_check !== 'ok') throw new Error('This backup is damaged. Nothing was changed.');
      for (const end of ['-wal', '-shm']) {
        rmSync(incoming + end, { force: true });
        rmSync(database + end, { force: true });
      }
      if (existsSync(database)) renameSync(database, `${database}.before-restore`);
      renameSync(incoming, database);
      // A picture is named by what it is, so those of a backup are laid beside what is there.
      if (existsSync(`${target}.photos`)) cpSync(`${target}.photos`, join(dataFolder, 'photos'), { recursive: true });
      console.log(`Restored from ${target}. What was there before is kept as furrow.db.before-restore.`);
    } finally {
      for (const end of ['', '-wal', '-shm']) rmSync(join(dataFolder, `incoming.db${end}`), { force: true });
      release();
    }
    return;
  }
  throw new Error(`Unknown command ${command}.`);
}

main(process.argv.slice(2)).catch((error: Error) => {
  console.error(error.message);
  process.exit(1);
});
