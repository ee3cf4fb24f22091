import { inEnglish } from '../words.js';
import { daysBetween } from '@furrow/core';
import { codeOf, messageOf } from '../store/thrown.js';
import {
  copyFileSync,
  cpSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { closeDatabase, openDatabase } from '../store/database.js';
import { isHousehold, pagesFit } from '../store/identity.js';
import { DamagedPictures, copyPictures } from './pictureCopies.js';
import { proveHousehold, summaryText, type HouseholdSummary } from './proof.js';
import { systemTrouble, troubleText } from '../store/trouble.js';

/**
 * Writes a copy of the database to `target`, which must not be there yet, and its pictures beside
 * it. Runs while others write. Throws a sentence: where the disk refuses, nothing is left of it;
 * where only pictures are damaged, the copy stands without them.
 */
export async function backupTo(db: Knex, dataFolder: string, target: string): Promise<void> {
  if (existsSync(target)) throw new Error(`${target} is there already. Choose another name.`);
  const pictures = `${target}.photos`;
  const hadPictures = existsSync(pictures);
  try {
    await copyDatabase(db, target);
    // Pictures lie beside the database under their own names; they go with it.
    await copyPictures(join(dataFolder, 'photos'), pictures);
  } catch (error) {
    if (error instanceof DamagedPictures) throw error;
    rmSync(target, { force: true });
    if (!hadPictures) rmSync(pictures, { recursive: true, force: true });
    throw new Error(`The backup was not written: ${troubleText(error)}. Nothing is left of it.`, {
      cause: error,
    });
  }
}

/** A backup that was proven, lying ready as a copy of this version. */
export interface CheckedCopy {
  incoming: string;
  summary: HouseholdSummary;
}

const NO_HOUSEHOLD = 'This is no Furrow backup. Nothing was changed.';

/** Throws a sentence unless the file at least looks like a household; nothing in it is changed. */
async function refuseStrangers(file: string): Promise<void> {
  // A file that is no database opens as an empty one, so its header is read first.
  if (readFileSync(file).subarray(0, 15).toString() !== 'SQLite format 3')
    throw new Error(NO_HOUSEHOLD);
  const ours = await isHousehold(file).catch(() => {
    throw new Error('This backup is damaged or no backup of Furrow. Nothing was changed.');
  });
  if (!ours) throw new Error(NO_HOUSEHOLD);
  // Before anything in it is read as text: a damaged one would end this process.
  if (!(await pagesFit(file)))
    throw new Error('This backup is damaged or no backup of Furrow. Nothing was changed.');
}

/** Opens a copy, brings it to this version and proves it; gives what it holds. */
async function provenCopy(incoming: string): Promise<HouseholdSummary> {
  try {
    const db = await openDatabase(incoming);
    try {
      return await proveHousehold(db);
    } finally {
      await closeDatabase(db);
    }
  } catch (error) {
    // What was found is said as it is; what the driver says of a broken file is nobody's language.
    if (/Nothing was changed\.$/.test(messageOf(error))) throw error;
    // Not the backup's fault: there was no room to look at it.
    if (systemTrouble(codeOf(error))) throw error;
    throw new Error('This backup is damaged or no backup of Furrow. Nothing was changed.', {
      cause: error,
    });
  }
}

/**
 * Checks a backup by really opening a copy of it: whose file it is before anything in it is
 * touched, then brought to this version and proven. Gives the copy, ready to be put in place, and
 * what it holds.
 *
 * @throws A sentence, changes nothing.
 */
export async function checkedCopy(target: string, dataFolder: string): Promise<CheckedCopy> {
  if (!existsSync(target)) throw new Error(`There is no file ${target}.`);
  mkdirSync(dataFolder, { recursive: true });
  const incoming = join(dataFolder, 'incoming.db');
  dropCopy(dataFolder);
  try {
    copyFileSync(target, incoming);
    // A copy taken by hand while Furrow wrote has its newest entries beside it.
    if (existsSync(`${target}-wal`)) copyFileSync(`${target}-wal`, `${incoming}-wal`);
    await refuseStrangers(incoming);
    const summary = await provenCopy(incoming);
    for (const end of ['-wal', '-shm']) rmSync(incoming + end, { force: true });
    return { incoming, summary };
  } catch (error) {
    dropCopy(dataFolder);
    const trouble = systemTrouble(codeOf(error));
    if (!trouble) throw error;
    throw new Error(
      `This backup could not be looked at: ${inEnglish(trouble)}. Nothing was changed.`,
      {
        cause: error,
      },
    );
  }
}

/** What would be replaced by what, for the person to confirm. */
export const replacesText = (incoming: HouseholdSummary, here: HouseholdSummary): string =>
  `The backup holds ${summaryText(incoming)}. It would replace ${summaryText(here)}, which would be kept aside.`;

/** How many households that were replaced are kept. */
const KEPT_BEFORE = 10;
const BEFORE = /^furrow-.*\.db$/;
const beforeFolder = (dataFolder: string): string => join(dataFolder, 'before');

/** Households that a restore replaced, the newest first, as paths. */
export function keptBefore(dataFolder: string): string[] {
  const folder = beforeFolder(dataFolder);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => BEFORE.test(name))
    .sort()
    .reverse()
    .map((name) => join(folder, name));
}

const sizeOf = (file: string): number => (existsSync(file) ? statSync(file).size : 0);

/**
 * Lays what stands there aside with its newest entries; the last ten stay. Gives its path, null
 * where nothing was there.
 */
function layAside(dataFolder: string, now: Date): string | null {
  const database = join(dataFolder, 'furrow.db');
  if (!existsSync(database)) return null;
  mkdirSync(beforeFolder(dataFolder), { recursive: true });
  const aside = beforeName(dataFolder, now);
  renameSync(database, aside);
  // What was written last may still lie in the log beside the file: it goes with it.
  if (sizeOf(`${database}-wal`)) renameSync(`${database}-wal`, `${aside}-wal`);
  else rmSync(`${database}-wal`, { force: true });
  rmSync(`${database}-shm`, { force: true });
  dropOldest(dataFolder);
  return aside;
}

/**
 * A copy of what stands there before much is written at once, among those that a restore laid
 * aside; it stays open.
 */
export async function keepBefore(db: Knex, dataFolder: string, now: Date): Promise<string> {
  mkdirSync(beforeFolder(dataFolder), { recursive: true });
  const copy = beforeName(dataFolder, now);
  await copyDatabase(db, copy);
  dropOldest(dataFolder);
  return copy;
}

const beforeName = (dataFolder: string, now: Date): string =>
  join(beforeFolder(dataFolder), `furrow-${now.toISOString().replace(/[:.]/g, '-')}.db`);

function dropOldest(dataFolder: string): void {
  for (const old of keptBefore(dataFolder).slice(KEPT_BEFORE))
    for (const end of ['', '-wal', '-shm']) rmSync(old + end, { force: true });
}

/**
 * Puts a checked copy in the place of the database, which must be closed. Gives where what was
 * there is kept, null where nothing was.
 */
export function putInPlace(
  incoming: string,
  dataFolder: string,
  photosFrom: string,
  now = new Date(),
): string | null {
  // A picture is named by what it is, so those of a backup are laid beside what is there: first, so
  // that
  // a disk that is full keeps the household as it was.
  if (existsSync(photosFrom)) cpSync(photosFrom, join(dataFolder, 'photos'), { recursive: true });
  const aside = layAside(dataFolder, now);
  renameSync(incoming, join(dataFolder, 'furrow.db'));
  return aside;
}

export function dropCopy(dataFolder: string): void {
  for (const end of ['', '-wal', '-shm'])
    rmSync(join(dataFolder, `incoming.db${end}`), { force: true });
}

const COPY = /^furrow-(\d{4}-\d{2}-\d{2})\.db$/;
/** Days, weeks and months for which copies are kept, one of each. */
const KEEP = { days: 7, weeks: 5, months: 12 };

/** A gap this long between copies may be a winter, or a clock that is wrong: days. */
const LONG_GAP_DAYS = 45;
/** After a long gap nothing from before it goes until so many copies tell that the clock stays. */
const COPIES_THAT_TELL = 7;

/**
 * The copies whose age may be judged today: all of them, or, where a long gap lies behind the
 * newest few, only those after it. One reading of a clock that is years ahead makes nothing old.
 */
function judgeable(newestFirst: readonly string[]): readonly string[] {
  const gap = newestFirst.findIndex(
    (date, i) => i > 0 && daysBetween(date, newestFirst[i - 1]) > LONG_GAP_DAYS,
  );
  return gap > 0 && gap < COPIES_THAT_TELL ? newestFirst.slice(0, gap) : newestFirst;
}

/**
 * Which of the daily copies go: kept are the newest of each of the last seven days, five weeks and
 * twelve months. The newest copy always stays, and all from before a long gap until several copies
 * bear the clock out. Takes the dates there are and today's, YYYY-MM-DD.
 */
export function copiesToDrop(dates: readonly string[], today: string): string[] {
  const newestFirst = judgeable([...dates].sort().reverse());
  const keep = new Set<string>();
  const seen = new Set<string>();
  for (const date of newestFirst) {
    const days = daysBetween(date, today);
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
  return newestFirst.filter((d) => !keep.has(d));
}

/**
 * Today's copy, if there is none yet, in `folder`, by default `copies/` of the data folder, its
 * pictures in `photos/` beside it; older copies are thinned out by age. Gives its path, null where
 * it was there.
 */
export async function dailyCopy(
  db: Knex,
  dataFolder: string,
  now: Date,
  folder = join(dataFolder, 'copies'),
): Promise<string | null> {
  mkdirSync(folder, { recursive: true });
  const today = now.toISOString().slice(0, 10);
  const target = join(folder, `furrow-${today}.db`);
  const isNew = !existsSync(target);
  if (isNew) await copyDatabase(db, target);
  const dates = readdirSync(folder).flatMap((name) => COPY.exec(name)?.[1] ?? []);
  for (const date of copiesToDrop(dates, today))
    rmSync(join(folder, `furrow-${date}.db`), { force: true });
  // After the book, so that a damaged picture keeps no day of it from being copied.
  await copyPictures(join(dataFolder, 'photos'), join(folder, 'photos'));
  return isNew ? target : null;
}

/**
 * Under another name until it is whole and read back: a copy that was cut off never looks like one.
 */
async function copyDatabase(db: Knex, target: string): Promise<void> {
  const part = `${target}.part`;
  rmSync(part, { force: true });
  try {
    await db.raw('VACUUM INTO ?', [part]);
    if (!(await pagesFit(part)))
      throw new Error('The copy that was written could not be read back.');
    renameSync(part, target);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}
