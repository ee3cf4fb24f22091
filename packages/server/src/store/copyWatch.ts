import type { TodayLine } from '@furrow/core';
import type { Knex } from 'knex';
import { log } from '../log.js';
import { dailyCopy } from './backup.js';

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

/** Why a copy could not be written, as the end of a sentence. */
export function copyTroubleText(error: unknown): string {
  const { code, message } = error as { code?: string; message?: string };
  return WORDS[code ?? ''] ?? message?.replace(/\.$/, '') ?? 'nobody knows why';
}

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
        trouble = copyTroubleText(error);
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
