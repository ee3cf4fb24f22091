import { addDays, dateWords } from '../units/dates.js';
import { counted } from '../units/format.js';

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
  /** A hold on it that nobody lifted, in words; null where there is none. */
  heldBy: string | null;
}

/**
 * Whether honey or rinse may be fed: only to the one colony that the trace shows as its whole
 * origin, and only after a look at its brood. Unknown, sick or dead origin blocks it, with the
 * reason. Foulbrood spores survive everything a household does to honey (SCIENCE 10). Never says
 * that it is free of disease.
 */
export function mayFeed(q: FeedQuestion): { may: boolean; reason: string } {
  const no = (reason: string): { may: boolean; reason: string } => ({ may: false, reason });
  if (!q.origins.length) return no('Nothing is known of where this honey is from: it is not fed.');
  if (q.origins.some((o) => o === null))
    return no('Part of it came from outside the book: unknown honey is not fed.');
  if (q.origins.some((o) => o !== q.toHiveId))
    return no(
      `It holds honey of other hives too: it is fed to none. Only the one colony it all came from may get it back.`,
    );
  if (q.heldBy) return no(`Held back: ${q.heldBy} It is fed to none.`);
  if (q.sick)
    return no(`Disease was found in ${q.toHiveName}: nothing is fed back. Ask the bee inspector.`);
  if (q.dead)
    return no(
      `The colony of ${q.toHiveName} is gone: its honey is fed to no other until an inspector or a laboratory has spoken.`,
    );
  if (!q.broodCheck)
    return no(`Nobody has written down a look at the brood of ${q.toHiveName}. Look first.`);
  if (q.broodCheck.result !== 'healthy')
    return no(
      q.broodCheck.result === 'sick'
        ? `The brood of ${q.toHiveName} looked sick: nothing is fed back. Ask the bee inspector.`
        : `Nobody was sure of the brood of ${q.toHiveName}: look again first.`,
    );
  if (addDays(q.broodCheck.on, q.broodCheckDays) < q.date)
    return no(
      `The last look at the brood of ${q.toHiveName} was on ${dateWords(q.broodCheck.on)}, more than ${counted(q.broodCheckDays, 'day')} before: look again first.`,
    );
  return {
    may: true,
    reason: `All of it is from ${q.toHiveName}; its brood looked healthy on ${dateWords(q.broodCheck.on)}. Inside the hive, in the evening, and ask what your local rules say.`,
  };
}
