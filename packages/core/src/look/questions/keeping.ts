import { together } from '../../say/say.js';
import { isStingless } from '../../hive/kinds.js';
import { keepingGrade, keepingSaid } from '../../honey/keeping.js';
import { type CombFacts, knownWater } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
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
    rule: isStingless(facts.kind)
      ? lookSay('look.keeping.rule-stingless')
      : lookSay('look.keeping.rule'),
    restsOn: on ? [restsOn('water', on, facts.date, facts.rules.shelfDays.water)] : [],
  };
  if (isStingless(facts.kind))
    return {
      ...base,
      answer: 'no',
      sentence:
        water.wettestPercent === null
          ? lookSay('look.keeping.stingless')
          : keepingSaid(water.wettestPercent, 'stingless'),
    };
  if (water.wettestPercent === null)
    return {
      ...base,
      answer: 'unknown',
      sentence: together(
        water.stale
          ? lookSay('look.keeping.stale', { on: asDate(water.stale.on) })
          : lookSay('look.keeping.not-measured'),
        facts.humidPlace && lookSay('look.keeping.humid'),
      ),
    };
  const grade = keepingGrade(water.wettestPercent, 'honeybee');
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
    sentence: keepingSaid(water.wettestPercent, 'honeybee'),
  };
}
