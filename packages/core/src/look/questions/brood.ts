import { together, type Say } from '../../say/say.js';
import { firstOf } from '../../units/known.js';
import { type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { asDate, asPercent, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * Is brood in it, or was there ever? Live brood is never taken; comb that carried brood by the
 * household's rule.
 */
export function brood(facts: CombFacts): Finding {
  const { colony, comb, rules, date } = facts;
  const sides = seenSides(comb.sides);
  const share = sides.length ? sumOf(sides, 'brood') / sides.length : 0;
  const base = {
    question: 'brood' as const,
    rule: lookSay('look.brood.rule'),
    restsOn: colony.queen ? [restsOn('queen', colony.queen.on, date, rules.shelfDays.queen)] : [],
  };
  if (share > 0)
    return {
      ...base,
      answer: 'yes',
      weight: 'forbids',
      measured: share * 100,
      unit: '%',
      sentence: broodSaid(facts, share),
    };
  if (comb.combAge === 'brood-used' && !rules.takeBroodUsedComb && !colony.dead && sides.length)
    return {
      ...base,
      rule: lookSay('look.brood.rule-used'),
      answer: 'yes',
      weight: 'decides',
      sentence: lookSay('look.brood.used'),
    };
  if (sides.length < 2)
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: together(
        sides.length
          ? lookSay('look.brood.none-on-side', { side: sides[0].side })
          : lookSay('look.brood.not-seen'),
        queenSaid(facts),
      ),
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    sentence: together(lookSay('look.brood.none'), queenSaid(facts)),
  };
}

function broodSaid(facts: CombFacts, seenShare: number): Say {
  const share = asPercent(Math.max(0.01, seenShare));
  if (facts.colony.dead) return lookSay('look.brood.dead', { share });
  const isDrone = facts.comb.droneShare !== null && facts.comb.droneShare > 0.5;
  const { side } = firstOf(seenSides(facts.comb.sides), (s) => s.shares.brood > 0);
  return lookSay(isDrone ? 'look.brood.drone' : 'look.brood.live', { side, share });
}

function queenSaid({ colony }: CombFacts): Say {
  if (colony.dead) return lookSay('look.brood.nobody-lives');
  const last = colony.lastKnown.queen;
  return last?.seen
    ? lookSay('look.brood.queen-seen', { on: asDate(last.on) })
    : lookSay('look.brood.queen-not-seen');
}
