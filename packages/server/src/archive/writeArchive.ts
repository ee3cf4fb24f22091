import { rmSync } from 'node:fs';
import { openAsItIs } from '../store/identity.js';
import { exportArchive } from './exportArchive.js';

/** What is written where. All of it is data: it goes to a thread. */
export interface ArchiveOrder {
  /** The household's database file. */
  file: string;
  photoFolder: string;
  /** Where the archive goes; a copy of the database lies beside it while it is written. */
  target: string;
  /** The instant it says of itself, ISO 8601. */
  createdAt: string;
}

/**
 * Copies a database in one breath while others write to it: a reader of its journal stops nobody.
 */
async function copyInto(file: string, copy: string): Promise<void> {
  const db = openAsItIs(file);
  try {
    await db.raw('VACUUM INTO ?', [copy]);
  } finally {
    await db.destroy();
  }
}

/**
 * Writes the whole household as one archive, out of a copy made in one breath, so that what is
 * written meanwhile does not tear it. Gives its size in bytes. Runs in a thread, for it takes as
 * long as the household is large; leaves no copy behind, however it ends.
 */
export async function writeArchive(
  { file, photoFolder, target, createdAt }: ArchiveOrder,
  onShare?: (share: number) => void,
): Promise<number> {
  const copy = `${target}.db`;
  try {
    await copyInto(file, copy);
    const db = openAsItIs(copy);
    try {
      const { bytes } = await exportArchive(db, photoFolder, target, new Date(createdAt), onShare);
      return bytes;
    } finally {
      await db.destroy();
    }
  } finally {
    for (const end of ['', '-wal', '-shm', '-journal']) rmSync(copy + end, { force: true });
  }
}
