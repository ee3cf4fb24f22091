/**
 * What shows an entry as the house will write it, and reads it by its schema: it judges, and so
 * weighs a good part of the application. It comes when something waits, or when nobody waits for
 * anything else.
 */
export { batchesWith, harvestWith, hivesWith, ticksWith, waitingEntry } from '@furrow/core';
