import { isStingless } from '../../hive/kinds.js';
import { type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { percentDown } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * More pollen than this share of what was seen sends a comb to crushing only (the household's
 * starting value is a tenth).
 */
const MUCH = 0.1;

/** Is pollen in it? It bars a piece from cut comb; much of it sends the comb to crushing only. */
export function pollen(facts: CombFacts): Finding {
  const base = { question: 'pollen' as const, rule: 'pollen', restsOn: [] };
  if (isStingless(facts.kind)) {
    const pots = facts.comb.pots?.pollen ?? null;
    if (pots === null)
      return {
        ...base,
        answer: 'unknown',
        weight: 'notes',
        sentence: 'The pots were not counted.',
      };
    return pots > 0
      ? {
          ...base,
          answer: 'yes',
          weight: 'notes',
          sentence: `${pots} pots with pollen stay untouched.`,
        }
      : { ...base, answer: 'no', weight: 'notes', sentence: 'No pots with pollen.' };
  }
  const sides = seenSides(facts.comb.sides);
  const share = sides.length ? sumOf(sides, 'pollen') / sides.length : 0;
  const figures = { measured: share * 100, limit: MUCH * 100, unit: '%' as const };
  if (share > MUCH)
    return {
      ...base,
      ...figures,
      answer: 'yes',
      weight: 'advises',
      sentence: `Pollen on ${percentDown(share)} % of it, more than a tenth: for crushing only, and the honey will be cloudy.`,
    };
  if (share > 0)
    return {
      ...base,
      ...figures,
      answer: 'yes',
      weight: 'notes',
      sentence: 'A little pollen: it bars a piece from cut comb; for crushing it is only noted.',
    };
  return sides.length === 2
    ? { ...base, answer: 'no', weight: 'notes', sentence: 'No pollen seen.' }
    : {
        ...base,
        answer: 'unknown',
        weight: 'notes',
        sentence: 'Pollen unknown on what was not seen.',
      };
}
