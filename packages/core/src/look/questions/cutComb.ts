import { cappedShares, type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { percentDown, percentText } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is it fit for cut comb: new wax, straight, capped to the edge, nothing in it but honey? */
export function cutComb(facts: CombFacts): Finding {
  const { comb } = facts;
  const sides = seenSides(comb.sides);
  const base = {
    question: 'cut-comb' as const,
    weight: 'advises' as const,
    rule: 'fit for cut comb',
    restsOn: [],
  };
  if (!sides.length) return { ...base, weight: 'notes', answer: 'unknown', sentence: 'Not seen.' };
  const n = sides.length;
  const { worst } = cappedShares(sides);
  const open = sumOf(sides, 'open') / n;
  const pollen = sumOf(sides, 'pollen') / n;
  const bare = sumOf(sides, 'empty') / n;
  const flaws = [
    comb.combAge === 'brood-used' && 'it carried brood',
    comb.combAge === 'used' && "it is not this season's wax",
    comb.straight === false && 'it is not straight',
    sumOf(sides, 'brood') > 0 && 'brood in it',
    pollen > 0 && `pollen in it, ${percentText(pollen)}`,
    worst < 0.995 && `${100 - percentDown(worst)} % of a side's honey is not capped`,
    open > 0.02 && `open cells would weep, ${percentText(open)}`,
    bare > 0.1 && `${percentText(bare)} of it is empty`,
  ].filter((flaw): flaw is string => flaw !== false);
  if (flaws.length)
    return { ...base, answer: 'no', sentence: `Not as it is: ${flaws.slice(0, 3).join('; ')}.` };
  if (n < 2 || comb.straight === null)
    return {
      ...base,
      answer: 'unknown',
      sentence: 'Clean so far; see both sides and whether it is straight.',
    };
  return {
    ...base,
    answer: 'yes',
    sentence: 'New wax, straight, capped to the edge, no brood or pollen.',
  };
}
