import type { CombFacts } from '../combFacts.js';
import { CLOSE_FIRST, deadColonyAdvice } from '../deadColony.js';
import { restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is the colony gone? What it died of decides whether its honey may be eaten. */
export function dead(facts: CombFacts): Finding {
  const { colony, date } = facts;
  if (!colony.dead)
    return {
      question: 'dead',
      answer: 'no',
      weight: 'notes',
      rule: lookSay('look.dead.rule'),
      restsOn: [],
      sentence: lookSay('look.dead.lives'),
    };
  const advice = deadColonyAdvice(colony.death);
  const why = advice.lines.find((line) => line.key !== CLOSE_FIRST.key) ?? advice.lines[0];
  const base = {
    question: 'dead' as const,
    answer: 'yes' as const,
    rule: lookSay('look.dead.rule'),
    restsOn: colony.death ? [restsOn('death', colony.death.on, date)] : [],
  };
  if (advice.eat === 'no') return { ...base, weight: 'forbids', sentence: why };
  if (advice.eat === 'ask-first')
    return {
      ...base,
      weight: 'decides',
      sentence: lookSay('look.dead.ask-first', { why }),
    };
  return {
    ...base,
    weight: 'advises',
    sentence: lookSay('look.dead.answered', { why }),
  };
}
