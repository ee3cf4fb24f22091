import { todaySay, type TodayLine } from '@furrow/core';
import type { Knex } from 'knex';
import { damaged } from '../problem.js';

/** Where the connection keeps that it met a damaged page: for as long as this file is open. */
export interface MeetsDamage {
  damaged?: boolean;
}

const isDamaged = (db: Knex): boolean => (db.client as MeetsDamage).damaged === true;

/**
 * Throws once a damaged page was met: an entry written over it would hide what a copy still has.
 */
export function refuseIfDamaged(db: Knex): void {
  if (isDamaged(db)) throw damaged();
}

/** The line of Today about it; null where every page that was read is whole. */
export const damageLine = (db: Knex): TodayLine | null =>
  isDamaged(db)
    ? {
        id: 'damaged',
        kind: 'copy',
        stage: 'book',
        batchId: null,
        hiveId: null,
        title: todaySay('today.damaged'),
        dueAt: null,
        ifLeft: todaySay('today.damaged.left'),
        urgent: true,
      }
    : null;
