import { chmodSync, existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import type { z } from 'zod';
import { log } from '../log.js';

/** Writes a file that this user alone may read, whole or not at all. */
export function writePrivate(file: string, text: string): void {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  const part = `${file}.part`;
  writeFileSync(part, text, { mode: 0o600, flush: true });
  renameSync(part, file);
}

/** What stands in such a file; null where it is not there. */
export const readPrivate = (file: string): string | null =>
  existsSync(file) ? readFileSync(file, 'utf8') : null;

/**
 * The same as data of a shape; null where it is not there or cannot be read any more, which is
 * logged.
 */
export function readPrivateData<T>(file: string, schema: z.ZodType<T>): T | null {
  const text = readPrivate(file);
  if (text === null) return null;
  try {
    return schema.parse(JSON.parse(text));
  } catch (error) {
    log.error(error, `${file} cannot be read: it counts as if it were not there`);
    return null;
  }
}

/**
 * A household's folder and its database are for the user who runs Furrow alone; where a system has
 * no such rights nothing is lost.
 */
export function keepPrivate(path: string, mode: 0o600 | 0o700): void {
  try {
    chmodSync(path, mode);
  } catch {
    // A stick or a share without rights of its own: the folder it lies in decides.
  }
}
