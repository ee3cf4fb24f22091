import { openAsItIs } from '../store/identity.js';

/**
 * Writes a copy of a database in one breath while others write to it: in a journal that is kept beside
 * the file a reader stops nobody. Takes the file and where the copy goes, which must not be there yet;
 * runs in a thread, for it takes as long as the household is large.
 */
export async function snapshotInto(file: string, target: string): Promise<void> {
  const db = openAsItIs(file);
  try {
    await db.raw('VACUUM INTO ?', [target]);
  } finally {
    await db.destroy();
  }
}
