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
};

/** Why something could not be written, as the end of a sentence. */
export function troubleText(error: unknown): string {
  const { code, message } = error as { code?: string; message?: string };
  return WORDS[code ?? ''] ?? message?.replace(/\.$/, '') ?? 'nobody knows why';
}
