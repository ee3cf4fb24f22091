import { houseSay } from '@furrow/words';
import type { Knex } from 'knex';
import { Problem, conflict } from '../problem.js';
import { checkedCopy, dropCopy, putInPlace } from '../copies/backup.js';
import { picturesOf } from '../copies/pictureCopies.js';
import type { Reopenable } from '../store/reopenable.js';
import { z } from 'zod';
import { sumsOf } from '../store/asked.js';

/** How many commands were written so far: what tells whether anything was entered since. */
export async function writtenSoFar(db: Knex): Promise<number> {
  const row = await sumsOf(
    { n: z.number().nullable() },
    db('commands').max('sequence as n').first(),
  );
  return Number(row.n ?? 0);
}

/**
 * Takes an import back, whole: what stood here before it is put in the place of what is here, which
 * is laid aside in its turn. Takes the copy that was kept and how many commands stood there once
 * the import was done.
 *
 * @throws `written-since` where something was entered after it.
 */
export async function takeBack(
  store: Reopenable,
  dataFolder: string,
  before: string,
  written: number,
): Promise<void> {
  if ((await writtenSoFar(store.db)) !== written)
    throw conflict('written-since', houseSay('refusal.something-was-entered-since-it'));
  try {
    const { incoming } = await checkedCopy(before, dataFolder).catch((error: Error) => {
      throw new Problem(409, 'bad-backup', error.message);
    });
    await store.swap(() => void putInPlace(incoming, dataFolder, picturesOf(before)));
  } finally {
    dropCopy(dataFolder);
  }
}
