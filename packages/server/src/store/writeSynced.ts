import { houseSay } from '@furrow/words';
import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { Problem } from '../problem.js';
import { troubleSay } from './trouble.js';

const holds = (file: string, data: Buffer): boolean =>
  existsSync(file) && readFileSync(file).equals(data);

/** Takes away what was begun, as far as that can be done where nothing can be written. */
function dropQuietly(file: string): void {
  try {
    rmSync(file, { force: true });
  } catch {
    // It is swept at the next start.
  }
}

/** Makes the name itself last: a folder is synced where its system lets one. */
function syncFolder(folder: string): void {
  try {
    const handle = openSync(folder, 'r');
    try {
      fsyncSync(handle);
    } finally {
      closeSync(handle);
    }
  } catch {
    // Some systems sync no folders; the file itself is synced.
  }
}

/**
 * Written beside to its last byte, synced, read back, then named: a half-written picture never
 * carries its name, and one that lies there already is trusted only after a look. Throws a Problem
 * that says why nothing could be kept; then nothing is left of it. Gives whether it is new there.
 */
export function writeSynced(folder: string, name: string, data: Buffer): boolean {
  const target = join(folder, name);
  const part = `${target}.part`;
  try {
    mkdirSync(folder, { recursive: true });
    if (holds(target, data)) return false;
    const file = openSync(part, 'w');
    try {
      // One call may write less than it was given; this one goes on to the end, or throws.
      writeFileSync(file, data);
      fsyncSync(file);
    } finally {
      closeSync(file);
    }
    if (!holds(part, data)) throw new Error('what was written could not be read back');
    renameSync(part, target);
    syncFolder(folder);
    return true;
  } catch (error) {
    dropQuietly(part);
    throw new Problem(
      507,
      'not-kept',
      houseSay('refusal.this-picture-could-not-be', { error: troubleSay(error) }),
      'photo',
    );
  }
}
