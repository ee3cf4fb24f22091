import { isStingless } from '../../hive/kinds.js';
import { type CombFacts, seenSides, sumOf, wasRead } from '../combFacts.js';
import { asKg } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is there enough honey in it to take it at all? */
export function enough(facts: CombFacts): Finding {
  const { comb, rules } = facts;
  const base = {
    question: 'enough' as const,
    rule: lookSay('look.enough.rule'),
    restsOn: [],
  };
  if (!wasRead(facts))
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: lookSay('look.enough.not-seen'),
    };
  if (isStingless(facts.kind)) return enoughPots(facts);
  const sides = seenSides(comb.sides);
  const honey = sumOf(sides, 'capped') + sumOf(sides, 'open');
  if (honey === 0)
    return sides.length === 2
      ? {
          ...base,
          answer: 'no',
          weight: 'decides',
          sentence: lookSay('look.enough.none'),
        }
      : {
          ...base,
          answer: 'unknown',
          weight: 'notes',
          sentence: lookSay('look.enough.none-on-side', { side: sides[0].side }),
        };
  const leastKg = rules.leastHoneyG / 1000;
  if (comb.honeyKg === null)
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: lookSay('look.enough.not-reckoned'),
    };
  const figures = { measured: comb.honeyKg, limit: leastKg, unit: 'kg' as const };
  if (comb.honeyKg < leastKg)
    return {
      ...base,
      ...figures,
      answer: 'no',
      weight: 'decides',
      sentence: lookSay('look.enough.too-little', {
        honey: { massG: grams(comb.honeyKg), as: 'read' },
        least: { massG: rules.leastHoneyG, as: 'read' },
      }),
    };
  return {
    ...base,
    ...figures,
    answer: 'yes',
    weight: 'notes',
    sentence: lookSay('look.enough.enough', {
      honey: asKg(comb.honeyKg),
      least: { massG: rules.leastHoneyG, as: 'read' },
    }),
  };
}

function enoughPots(facts: CombFacts): Finding {
  const pots = facts.comb.pots!;
  const base = {
    question: 'enough' as const,
    rule: lookSay('look.enough.rule-pots'),
    restsOn: [],
    measured: pots.honeySealed,
    unit: 'pots' as const,
  };
  const counted = { sealed: pots.honeySealed, open: pots.honeyOpen, pollen: pots.pollen };
  return pots.honeySealed > 0
    ? { ...base, answer: 'yes', weight: 'notes', sentence: lookSay('look.enough.pots', counted) }
    : {
        ...base,
        answer: 'no',
        weight: 'decides',
        sentence: lookSay('look.enough.no-pots', counted),
      };
}

const grams = (kg: number): number => Math.floor((kg * 1000) / 10) * 10;
