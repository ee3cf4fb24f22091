import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { z } from 'zod';
import { columnOf } from '../store/asked.js';

const PICTURE = /^([0-9a-f]{64})\.jpg$/;
const BEGUN = /\.part$/;
/** A file this young may belong to an entry that is being written. */
const YOUNG_MS = 3_600_000;

/**
 * Takes away pictures that no entry names, not even one that was taken back, and files that were
 * begun and never finished; anything younger than an hour stays, and what is no picture of ours is
 * left alone. Gives how many went. Takes the folder, which need not be there.
 */
export async function sweepPhotos(db: Knex, folder: string, now: Date): Promise<number> {
  if (!existsSync(folder)) return 0;
  const known = new Set(await columnOf(z.string(), db('photos').pluck('sha256')));
  const orphans = readdirSync(folder).filter((name) => {
    const sha256 = PICTURE.exec(name)?.[1];
    const isOrphan = sha256 ? !known.has(sha256) : BEGUN.test(name);
    return isOrphan && now.getTime() - statSync(join(folder, name)).mtimeMs > YOUNG_MS;
  });
  for (const name of orphans) rmSync(join(folder, name), { force: true });
  return orphans.length;
}
