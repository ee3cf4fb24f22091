import { houseSay } from '../words.js';
import { join } from 'node:path';
import { todaySay, type TodayLine, type Say } from '@furrow/core';
import type { Knex } from 'knex';
import { log } from '../log.js';
import { dailyCopy } from './backup.js';
import { troubleSay } from '../store/trouble.js';

export interface CopyWatch {
  /** Writes the day's copy where there is none yet; what went wrong is kept until one succeeds. */
  run: () => Promise<void>;
  /** The line of Today about a copy that failed; null where the last try went well. */
  line: () => TodayLine | null;
}

/**
 * The daily copies of a data folder, and whether the last try at one failed. Takes the clock as a
 * function, and a second folder, on another disk if the household has one, where the same copies
 * lie once more.
 */
export function watchCopies(
  db: Knex,
  dataFolder: string,
  now: () => Date,
  second: string | null = null,
): CopyWatch {
  let trouble: Say | null = null;
  /** What kept a copy from being written there; null where it was, or lay there already. */
  const copyTo = async (folder: string): Promise<Say | null> => {
    try {
      await dailyCopy(db, dataFolder, now(), folder);
      return null;
    } catch (error) {
      log.error(error);
      const why = troubleSay(error);
      return folder === second ? houseSay('trouble.in-folder', { folder, trouble: why }) : why;
    }
  };
  return {
    run: async () => {
      const here = await copyTo(join(dataFolder, 'copies'));
      const there = second === null ? null : await copyTo(second);
      trouble = here ?? there;
    },
    line: () =>
      trouble === null
        ? null
        : {
            id: 'daily-copy',
            kind: 'copy',
            stage: 'book',
            batchId: null,
            hiveId: null,
            title: todaySay('today.no-copy', { why: trouble }),
            dueAt: null,
            ifLeft: todaySay('today.no-copy.left'),
            urgent: true,
          },
  };
}
