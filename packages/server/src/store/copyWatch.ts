import type { TodayLine } from '@furrow/core';
import type { Knex } from 'knex';
import { log } from '../log.js';
import { dailyCopy } from './backup.js';
import { troubleText } from './trouble.js';

export interface CopyWatch {
  /** Writes the day's copy where there is none yet; what went wrong is kept until one succeeds. */
  run: () => Promise<void>;
  /** The line of Today about a copy that failed; null where the last try went well. */
  line: () => TodayLine | null;
}

/** The daily copies of a data folder, and whether the last try at one failed. Takes the clock as a function. */
export function watchCopies(db: Knex, dataFolder: string, now: () => Date): CopyWatch {
  let trouble: string | null = null;
  return {
    run: async () => {
      try {
        await dailyCopy(db, dataFolder, now());
        trouble = null;
      } catch (error) {
        trouble = troubleText(error);
        log.error(error);
      }
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
            title: `Today's copy could not be written: ${trouble}`,
            dueAt: null,
            ifLeft: 'Without copies one broken disk takes every year of the book.',
            urgent: true,
          },
  };
}
