import {
  copyFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { closeDatabase, openDatabase } from './database.js';

/** Writes a copy of the database to `target`, which must not be there yet, and its pictures beside it. Runs while others write. */
export async function backupTo(db: Knex, dataFolder: string, target: string): Promise<void> {
  if (existsSync(target)) throw new Error(`${target} is there already. Choose another name.`);
  await db.raw('VACUUM INTO ?', [target]);
  // Pictures lie beside the database under their own names; they go with it.
  if (existsSync(join(dataFolder, 'photos')))
    cpSync(join(dataFolder, 'photos'), `${target}.photos`, { recursive: true });
}

/** Checks a backup by really opening a copy of it, migrated to this version; gives the copy, ready to be put in place. Throws a sentence, changes nothing. */
export async function checkedCopy(target: string, dataFolder: string): Promise<string> {
  if (!existsSync(target)) throw new Error(`There is no file ${target}.`);
  // A file that is no database opens as an empty one, so its header is read first.
  if (readFileSync(target).subarray(0, 15).toString() !== 'SQLite format 3')
    throw new Error('This is no Furrow backup. Nothing was changed.');
  mkdirSync(dataFolder, { recursive: true });
  const incoming = join(dataFolder, 'incoming.db');
  dropCopy(dataFolder);
  copyFileSync(target, incoming);
  let db: Knex;
  try {
    db = await openDatabase(incoming);
  } catch (error) {
    dropCopy(dataFolder);
    throw new Error(
      /newer Furrow/.test((error as Error).message)
        ? (error as Error).message
        : 'This backup is damaged or no backup of Furrow. Nothing was changed.',
      { cause: error },
    );
  }
  const whole = await db.raw('PRAGMA integrity_check').then(
    (rows: { integrity_check: string }[]) => rows[0].integrity_check === 'ok',
    () => false,
  );
  const ours = whole && (await db.schema.hasTable('flows'));
  await closeDatabase(db);
  if (!ours) {
    dropCopy(dataFolder);
    throw new Error('This backup is damaged. Nothing was changed.');
  }
  for (const end of ['-wal', '-shm']) rmSync(incoming + end, { force: true });
  return incoming;
}

/** Puts a checked copy in the place of the database, which must be closed; what was there stays as furrow.db.before-restore. */
export function putInPlace(incoming: string, dataFolder: string, photosFrom: string): void {
  const database = join(dataFolder, 'furrow.db');
  for (const end of ['-wal', '-shm']) rmSync(database + end, { force: true });
  if (existsSync(database)) renameSync(database, `${database}.before-restore`);
  renameSync(incoming, database);
  // A picture is named by what it is, so those of a backup are laid beside what is there.
  if (existsSync(photosFrom)) cpSync(photosFrom, join(dataFolder, 'photos'), { recursive: true });
}

export function dropCopy(dataFolder: string): void {
  for (const end of ['', '-wal', '-shm'])
    rmSync(join(dataFolder, `incoming.db${end}`), { force: true });
}

const COPY = /^furrow-(\d{4}-\d{2}-\d{2})\.db$/;
/** Days, weeks and months for which copies are kept, one of each. */
const KEEP = { days: 7, weeks: 5, months: 12 };

/**
 * Which of the daily copies go: kept are the newest of each of the last seven days, five weeks and twelve months. The
 * newest copy always stays. Takes the dates there are and today's, YYYY-MM-DD.
 */
export function copiesToDrop(dates: readonly string[], today: string): string[] {
  const age = (date: string): number =>
    Math.round((Date.parse(`${today}T00:00:00Z`) - Date.parse(`${date}T00:00:00Z`)) / 86_400_000);
  const keep = new Set<string>();
  const seen = new Set<string>();
  for (const date of [...dates].sort().reverse()) {
    const days = age(date);
    const slots = [
      ...(days < KEEP.days ? [`d${date}`] : []),
      ...(days < KEEP.weeks * 7
        ? [`w${Math.floor(Date.parse(`${date}T00:00:00Z`) / (7 * 86_400_000))}`]
        : []),
      ...(days < KEEP.months * 31 ? [`m${date.slice(0, 7)}`] : []),
    ];
    if (keep.size === 0 || slots.some((s) => !seen.has(s))) keep.add(date);
    for (const s of slots) seen.add(s);
  }
  return dates.filter((d) => !keep.has(d));
}

/** Today's copy, if there is none yet, in `copies/` of the data folder; older ones are thinned out by age. Gives its path, null where it was there. */
export async function dailyCopy(db: Knex, dataFolder: string, now: Date): Promise<string | null> {
  const folder = join(dataFolder, 'copies');
  mkdirSync(folder, { recursive: true });
  const today = now.toISOString().slice(0, 10);
  const target = join(folder, `furrow-${today}.db`);
  if (existsSync(target)) return null;
  // Under another name until it is whole: a copy that was cut off never looks like one.
  rmSync(`${target}.part`, { force: true });
  await db.raw('VACUUM INTO ?', [`${target}.part`]);
  renameSync(`${target}.part`, target);
  const dates = readdirSync(folder).flatMap((name) => COPY.exec(name)?.[1] ?? []);
  for (const date of copiesToDrop(dates, today))
    rmSync(join(folder, `furrow-${date}.db`), { force: true });
  return target;
}
