import { codeOf, messageOf } from './thrown.js';
/** What a system's error code means to the person who keeps the machine. */
const WORDS: Record<string, string> = {
  ENOSPC: 'the disk is full',
  EDQUOT: 'the disk is full',
  SQLITE_FULL: 'the disk is full',
  EACCES: 'its folder may not be written',
  EPERM: 'its folder may not be written',
  EROFS: 'its folder may not be written',
  SQLITE_READONLY: 'its folder may not be written',
  SQLITE_CANTOPEN: 'its folder may not be written',
  SQLITE_IOERR: 'the disk does not answer',
};

/** Whether the database says that its own file is not whole. */
export const isDamage = (error: unknown): boolean => /^SQLITE_(CORRUPT|NOTADB)/.test(codeOf(error));

/**
 * The same for a code of the system or the database, longer ones by their beginning; null for
 * another.
 */
export const systemTrouble = (code: string): string | null =>
  WORDS[code] ?? WORDS[code.split('_').slice(0, 2).join('_')] ?? null;

/** Why something could not be written, as the end of a sentence. */
export function troubleText(error: unknown): string {
  const said = messageOf(error).replace(/\.$/, '');
  return systemTrouble(codeOf(error)) ?? (said || 'nobody knows why');
}
