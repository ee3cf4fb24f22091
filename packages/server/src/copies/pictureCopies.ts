import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { counted } from '@furrow/core';
import { breathe } from '../breathe.js';
import { writeSynced } from '../store/writeSynced.js';

const PICTURE = /^([0-9a-f]{64})\.jpg$/;
/** Some pictures are not what their names say; the sound ones were copied. */
export class DamagedPictures extends Error {}

/**
 * Lays every picture of `from` into `to` that is not there yet, each held against its name, which
 * is what it is. A picture never changes, so one folder serves all copies beside it. Throws a
 * sentence after the last one where pictures are damaged; those that are sound are copied all the
 * same. Gives how many were new.
 */
export async function copyPictures(from: string, to: string): Promise<number> {
  if (!existsSync(from)) return 0;
  let copied = 0;
  const damaged: string[] = [];
  for (const name of readdirSync(from)) {
    const sha256 = PICTURE.exec(name)?.[1];
    if (!sha256 || isThere(join(from, name), join(to, name))) continue;
    const data = readFileSync(join(from, name));
    if (createHash('sha256').update(data).digest('hex') !== sha256) damaged.push(name);
    else if (writeSynced(to, name, data)) copied++;
    await breathe();
  }
  if (damaged.length) throw new DamagedPictures(damageText(from, damaged));
  return copied;
}

function damageText(folder: string, damaged: readonly string[]): string {
  const are = damaged.length === 1 ? 'is' : 'are';
  return `${counted(damaged.length, 'picture')} in ${folder} ${are} damaged, such as ${damaged[0]}`;
}

/** Whether it was copied before: what was written there was read back then. */
const isThere = (source: string, target: string): boolean =>
  existsSync(target) && statSync(target).size === statSync(source).size;

/**
 * Where the pictures of a backup or of a daily copy lie: in a folder of its own, or in the one that
 * copies share.
 */
export function picturesOf(backup: string): string {
  const own = `${backup}.photos`;
  if (existsSync(own)) return own;
  return /^furrow-\d{4}-\d{2}-\d{2}\.db$/.test(basename(backup))
    ? join(dirname(backup), 'photos')
    : own;
}
