import type { Stage } from '@furrow/core';

/**
 * What a helper's device shows: what is done at the hive and at the bench, no rules and no book.
 */
const STAGES_OF_HELPER: readonly Stage[] = ['look', 'take', 'drain'];
const PAGES_OF_HELPER = ['today', 'look', 'bring', 'take', 'owed', 'drain', 'lost'];

export const helperSees = (stage: Stage): boolean => STAGES_OF_HELPER.includes(stage);
/** Whether a page, by its route's name, is a helper's. */
export const helperOpens = (page: string): boolean => PAGES_OF_HELPER.includes(page);
