import { isStingless } from '../../hive/kinds.js';
import { honeyKeeping } from '../../honey/keeping.js';
import { dateWords } from '../../units/dates.js';
import { type CombFacts, knownWater } from '../combFacts.js';
import { restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * How will its honey keep? 'yes' only for measured, dry honey; what was never measured, or long
 * ago, is unknown.
 */
export function keeping(facts: CombFacts): Finding {
  const water = knownWater(facts);
  const on = water.on ?? water.stale?.on;
  const base = {
    question: 'keeping' as const,
    weight: 'notes' as const,
    rule: isStingless(facts.kind) ? 'stingless honey' : 'Lochhead (1933)',
    restsOn: on ? [restsOn('water', on, facts.date, facts.rules.shelfDays.water)] : [],
  };
  if (isStingless(facts.kind))
    return {
      ...base,
      answer: 'no',
      sentence:
        water.wettestPercent === null
          ? 'Stingless-bee honey is thin by nature: keep it cold under a vented lid and eat it soon.'
          : honeyKeeping({ moisturePercent: water.wettestPercent, bee: 'stingless' }).reason,
    };
  if (water.wettestPercent === null)
    return {
      ...base,
      answer: 'unknown',
      sentence: `${water.stale ? `Water last measured on ${dateWords(water.stale.on)}, too old to count` : 'Water not measured'}: measure before the lid goes on.${facts.humidPlace ? ' In a humid place caps prove nothing.' : ''}`,
    };
  const { grade, reason } = honeyKeeping({
    moisturePercent: water.wettestPercent,
    bee: 'honeybee',
  });
  const answers = {
    keeps: 'yes',
    watch: 'unknown',
    'use-soon': 'unknown',
    ferments: 'no',
    'keep-cold': 'no',
  } as const;
  return {
    ...base,
    answer: answers[grade],
    measured: water.wettestPercent,
    limit: 17.1,
    unit: '%',
    sentence: reason,
  };
}
