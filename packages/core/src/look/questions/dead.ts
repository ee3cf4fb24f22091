import type { CombFacts } from '../combFacts.js';
import { CLOSE_FIRST, deadColonyAdvice } from '../deadColony.js';
import { restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is the colony gone? What it died of decides whether its honey may be eaten. */
export function dead(facts: CombFacts): Finding {
  const { colony, date } = facts;
  if (!colony.dead)
    return {
      question: 'dead',
      answer: 'no',
      weight: 'notes',
      rule: 'dead colony',
      restsOn: [],
      sentence: 'The colony lives, as far as anybody said.',
    };
  const advice = deadColonyAdvice(colony.death);
  const why = advice.lines.find((line) => line !== CLOSE_FIRST) ?? advice.lines[0];
  const base = {
    question: 'dead' as const,
    answer: 'yes' as const,
    rule: 'dead colony',
    restsOn: colony.death ? [restsOn('death', colony.death.on, date)] : [],
  };
  if (advice.eat === 'no') return { ...base, weight: 'forbids', sentence: why };
  if (advice.eat === 'ask-first')
    return {
      ...base,
      weight: 'decides',
      sentence: `The colony is gone: ask before it is eaten. ${why}`,
    };
  return {
    ...base,
    weight: 'advises',
    sentence: `The colony is gone, its checklist is answered. ${why}`,
  };
}
