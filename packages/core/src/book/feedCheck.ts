import type { Say } from '../say/say.js';
import { addDays } from '../units/dates.js';
import { sure } from '../units/known.js';
import { bookSay } from './says.js';

export interface FeedQuestion {
  /**
   * Hives the honey in it comes from, by the trace; null stands for what came from outside the
   * book.
   */
  origins: readonly (string | null)[];
  toHiveId: string;
  toHiveName: string;
  /** What is known of the colony that would get it, the only one it may come from. */
  dead: boolean;
  broodCheck: { on: string; result: 'healthy' | 'unsure' | 'sick' } | null;
  date: string;
  /** Days for which a look at the brood speaks, by the house rules. */
  broodCheckDays: number;
  /** Whether disease was found and nobody's word ended it since. */
  sick: boolean;
  /** A hold on it that nobody lifted; null where there is none. */
  heldBy: Say | null;
}

/**
 * Whether honey or rinse may be fed: only to the one colony that the trace shows as its whole
 * origin, and only after a look at its brood. Unknown, sick or dead origin blocks it, with the
 * reason. Foulbrood spores survive everything a household does to honey (SCIENCE 10). Never says
 * that it is free of disease.
 */
export function mayFeed(q: FeedQuestion): { may: boolean; reason: Say } {
  const against = speaksAgainst(q);
  if (against) return { may: false, reason: against };
  return {
    may: true,
    reason: bookSay('book.feed.may', {
      hive: q.toHiveName,
      on: { date: sure(q.broodCheck, 'a brood check').on },
    }),
  };
}

/** Why it is not fed; null where nothing that is known speaks against it. */
function speaksAgainst(q: FeedQuestion): Say | null {
  const hive = q.toHiveName;
  if (!q.origins.length) return bookSay('book.feed.unknown');
  if (q.origins.some((o) => o === null)) return bookSay('book.feed.outside');
  if (q.origins.some((o) => o !== q.toHiveId)) return bookSay('book.feed.other-hives');
  if (q.heldBy) return bookSay('book.feed.held', { why: q.heldBy });
  if (q.sick) return bookSay('book.feed.disease', { hive });
  if (q.dead) return bookSay('book.feed.dead', { hive });
  if (!q.broodCheck) return bookSay('book.feed.no-look', { hive });
  const { on, result } = q.broodCheck;
  if (result !== 'healthy') return bookSay(`book.feed.${result}`, { hive });
  return addDays(on, q.broodCheckDays) < q.date
    ? bookSay('book.feed.stale', { hive, on: { date: on }, days: q.broodCheckDays })
    : null;
}
