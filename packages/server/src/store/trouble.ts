import { asWritten, type Say } from '@furrow/core';
import { houseSay, inEnglish } from '@furrow/words';
import { codeOf, messageOf } from './thrown.js';

/** What a system's error code means to the person who keeps the machine. */
const FULL = houseSay('trouble.disk-full');
const SHUT = houseSay('trouble.folder-shut');
const WORDS: Record<string, Say> = {
  ENOSPC: FULL,
  EDQUOT: FULL,
  SQLITE_FULL: FULL,
  EACCES: SHUT,
  EPERM: SHUT,
  EROFS: SHUT,
  SQLITE_READONLY: SHUT,
  SQLITE_CANTOPEN: SHUT,
  SQLITE_IOERR: houseSay('trouble.disk-silent'),
};

/** Whether the database says that its own file is not whole. */
export const isDamage = (error: unknown): boolean => /^SQLITE_(CORRUPT|NOTADB)/.test(codeOf(error));

/**
 * The same for a code of the system or the database, longer ones by their beginning; null for
 * another.
 */
export const systemTrouble = (code: string): Say | null =>
  WORDS[code] ?? WORDS[code.split('_').slice(0, 2).join('_')] ?? null;

/** Why something could not be written, as the end of a sentence. */
export function troubleSay(error: unknown): Say {
  const said = messageOf(error).replace(/\.$/, '');
  return systemTrouble(codeOf(error)) ?? (said ? asWritten(said) : houseSay('trouble.unknown'));
}
/** The same in English, for whoever stands at the machine. */
export const troubleText = (error: unknown): string => inEnglish(troubleSay(error));
