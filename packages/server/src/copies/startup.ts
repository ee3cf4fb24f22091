import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { keptBefore } from './backup.js';
import { isHousehold, pagesFit } from '../store/identity.js';

const dailyIn = (folder: string): string[] =>
  existsSync(folder)
    ? readdirSync(folder)
        .filter((name) => name.endsWith('.db'))
        .map((name) => join(folder, name))
    : [];

/**
 * The newest copy of a household: a daily one, here or in the second folder, else one a restore
 * laid aside.
 */
export function newestCopy(dataFolder: string, second: string | null = null): string | null {
  const daily = [join(dataFolder, 'copies'), ...(second ? [second] : [])].flatMap(dailyIn);
  // Their names are their days; of two of one day the one at hand is named.
  daily.sort((a, b) => basename(b).localeCompare(basename(a)));
  return daily[0] ?? keptBefore(dataFolder)[0] ?? null;
}

const sentence = (what: string, copy: string | null): Error =>
  new Error(
    copy
      ? `${what} The newest copy is ${copy}: bring it back with\n  node furrow.mjs restore ${copy}\nNothing was changed.`
      : `${what} There is no copy of it in this folder. Nothing was changed.`,
  );

/**
 * Looks at the household's file before a server opens it: one that is missing, empty, damaged or
 * somebody else's is never begun anew over its copies. Takes the data folder; throws a sentence
 * that names the newest copy. A folder with no file and no copies is a household that begins.
 */
export async function checkBeforeStart(
  dataFolder: string,
  second: string | null = null,
): Promise<void> {
  const file = join(dataFolder, 'furrow.db');
  const copy = newestCopy(dataFolder, second);
  if (!existsSync(file)) {
    if (copy) throw sentence(`The household's file ${file} is missing.`, copy);
    return;
  }
  if (statSync(file).size === 0) {
    if (copy) throw sentence(`The household's file ${file} is empty.`, copy);
    return;
  }
  if (readFileSync(file).subarray(0, 15).toString() !== 'SQLite format 3')
    throw sentence(`The household's file ${file} is damaged: it is no database any more.`, copy);
  if (!(await pagesFit(file))) throw sentence(`The household's file ${file} is damaged.`, copy);
  if (!(await isHousehold(file))) throw sentence(`${file} is no household of Furrow.`, copy);
}
