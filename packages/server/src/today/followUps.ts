import type { Hive, HouseRules, TodayLine } from '@furrow/core';
import type { Knex } from 'knex';

const DAY_MS = 86_400_000;
/** How many days ahead a follow-up stands on Today. */
const AHEAD_DAYS = 3;

/**
 * Hives that something was taken from and that were not looked at since, once the household's own
 * weeks are nearly over; empty where it has no such rule. Takes the hives as they stand, the rules
 * and now.
 */
export async function followUps(
  db: Knex,
  hives: readonly Hive[],
  rules: HouseRules,
  now: Date,
): Promise<TodayLine[]> {
  const weeks = rules.followUpWeeks;
  if (weeks === null) return [];
  const taken = (await db('takes')
    .join('batches', 'batches.id', 'takes.batchId')
    .whereIn('takes.outcome', ['taken', 'broke', 'fell'])
    .where({ 'takes.removedAt': null })
    .groupBy('batches.hiveId')
    .select('batches.hiveId')
    .max('takes.occurredAt as at')) as { hiveId: string; at: string }[];
  return taken.flatMap(({ hiveId, at }): TodayLine[] => {
    const hive = hives.find((h) => h.id === hiveId);
    const dueMs = Date.parse(at) + weeks * 7 * DAY_MS;
    const wasLookedAt = hive?.lastLookOn && hive.lastLookOn > at.slice(0, 10);
    // A colony that is gone, or one that moved in since, is not what was harvested.
    const isSame = hive?.colony && hive.colony.startedOn <= at.slice(0, 10);
    if (!hive || !isSame || wasLookedAt || now.getTime() < dueMs - AHEAD_DAYS * DAY_MS) return [];
    return [
      {
        id: `${hiveId}-follow-up`,
        kind: 'follow-up',
        stage: 'look',
        batchId: null,
        hiveId,
        title: `Look at ${hive.name} again after its harvest`,
        dueAt: new Date(dueMs).toISOString(),
        ifLeft: 'How they mended the gap, and what they brought in since, stays unknown.',
        urgent: false,
      },
    ];
  });
}
