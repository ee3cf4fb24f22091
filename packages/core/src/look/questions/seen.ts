import { isStingless } from '../../hive/kinds.js';
import { dateWords } from '../../units/dates.js';
import { type CombFacts, seenSides } from '../combFacts.js';
import { restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Was it seen, all of it, and lately? */
export function seen(facts: CombFacts): Finding {
  const { comb, date, rules } = facts;
  const look = comb.seenOn ? [restsOn('look', comb.seenOn, date, rules.shelfDays.look)] : [];
  const base = { question: 'seen' as const, rule: 'both sides seen', restsOn: look };
  const unknown = (sentence: string): Finding => ({
    ...base,
    answer: 'unknown',
    weight: 'decides',
    sentence,
  });
  const sides = seenSides(comb.sides);
  const counted = isStingless(facts.kind) ? comb.pots !== null : sides.length > 0;
  if (!counted && comb.glimpse)
    return unknown(`${comb.glimpse} A glimpse is no reading: take it in the hand.`);
  if (!counted)
    return {
      ...base,
      answer: 'no',
      weight: 'decides',
      sentence: isStingless(facts.kind)
        ? 'Not read yet. Count the pots from above, the brood stays closed.'
        : 'Not read yet. Say what each side holds.',
    };
  if (look.some((l) => l.stale))
    return unknown(
      `Last read on ${dateWords(comb.seenOn!)}, ${look[0].ageDays} days ago: that counts as unknown, look again.`,
    );
  if (!isStingless(facts.kind) && sides.length === 1)
    return unknown(
      `Look at side ${sides[0].side === 'A' ? 'B' : 'A'} first: brood and open cells there are unknown.`,
    );
  return {
    ...base,
    answer: 'yes',
    weight: 'notes',
    sentence: isStingless(facts.kind) ? 'The pots were counted.' : 'Both sides were seen.',
  };
}
