import { sure } from '../../units/known.js';
import type { Say } from '../../say/say.js';
import { isStingless } from '../../hive/kinds.js';
import { type CombFacts, seenSides } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Was it seen, all of it, and lately? */
export function seen(facts: CombFacts): Finding {
  const { comb, date, rules } = facts;
  const look = comb.seenOn ? [restsOn('look', comb.seenOn, date, rules.shelfDays.look)] : [];
  const base = {
    question: 'seen' as const,
    rule: lookSay('look.seen.rule'),
    restsOn: look,
  };
  const unknown = (sentence: Say): Finding => ({
    ...base,
    answer: 'unknown',
    weight: 'decides',
    sentence,
  });
  const sides = seenSides(comb.sides);
  const counted = isStingless(facts.kind) ? comb.pots !== null : sides.length > 0;
  if (!counted && comb.glimpse)
    return unknown(lookSay('look.seen.glimpse', { glimpse: comb.glimpse }));
  if (!counted)
    return {
      ...base,
      answer: 'no',
      weight: 'decides',
      sentence: isStingless(facts.kind)
        ? lookSay('look.seen.count-pots')
        : lookSay('look.seen.say-sides'),
    };
  if (look.some((l) => l.stale))
    return unknown(
      lookSay('look.seen.stale', {
        on: asDate(sure(comb.seenOn, 'seenOn')),
        days: look[0].ageDays,
      }),
    );
  if (!isStingless(facts.kind) && sides.length === 1)
    return unknown(lookSay('look.seen.other-side', { side: sides[0].side === 'A' ? 'B' : 'A' }));
  return {
    ...base,
    answer: 'yes',
    weight: 'notes',
    sentence: isStingless(facts.kind) ? lookSay('look.seen.pots') : lookSay('look.seen.both'),
  };
}
