import { isStingless } from '../../hive/kinds.js';
import { type CombFacts, seenSides, sumOf, wasRead } from '../combFacts.js';
import { capitalised, lookAgainText } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is there enough honey in it to take it at all? */
export function enough(facts: CombFacts): Finding {
  const { comb, rules } = facts;
  const base = { question: 'enough' as const, rule: 'least honey in a comb', restsOn: [] };
  if (!wasRead(facts))
    return { ...base, answer: 'unknown', weight: 'notes', sentence: 'What it holds was not seen.' };
  if (isStingless(facts.kind)) return enoughPots(facts);
  const sides = seenSides(comb.sides);
  const honey = sumOf(sides, 'capped') + sumOf(sides, 'open');
  if (honey === 0)
    return sides.length === 2
      ? { ...base, answer: 'no', weight: 'decides', sentence: 'No honey in it.' }
      : {
          ...base,
          answer: 'unknown',
          weight: 'notes',
          sentence: `No honey on side ${sides[0].side}.`,
        };
  const leastKg = rules.leastHoneyG / 1000;
  if (comb.honeyKg === null)
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: 'How much honey it holds was not reckoned.',
    };
  const figures = { measured: comb.honeyKg, limit: leastKg, unit: 'kg' as const };
  if (comb.honeyKg < leastKg)
    return {
      ...base,
      ...figures,
      answer: 'no',
      weight: 'decides',
      sentence: `About ${grams(comb.honeyKg)} g of honey, your rule leaves a comb with less than ${rules.leastHoneyG} g.`,
    };
  return {
    ...base,
    ...figures,
    answer: 'yes',
    weight: 'notes',
    sentence: `About ${comb.honeyKg.toFixed(1)} kg of honey; your least is ${rules.leastHoneyG} g.`,
  };
}

function enoughPots(facts: CombFacts): Finding {
  const pots = facts.comb.pots!;
  const base = {
    question: 'enough' as const,
    rule: 'sealed pots only',
    restsOn: [],
    measured: pots.honeySealed,
    unit: 'pots' as const,
  };
  const count = `${pots.honeySealed} sealed, ${pots.honeyOpen} open, ${pots.pollen} with pollen`;
  return pots.honeySealed > 0
    ? { ...base, answer: 'yes', weight: 'notes', sentence: `${count}.` }
    : {
        ...base,
        answer: 'no',
        weight: 'decides',
        sentence: `No sealed pots here: ${count}. ${capitalised(lookAgainText('stingless', facts.rules))}.`,
      };
}

const grams = (kg: number): number => Math.floor((kg * 1000) / 10) * 10;
