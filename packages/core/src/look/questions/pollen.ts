import { isStingless } from '../../hive/kinds.js';
import { type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { asPercent } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * More pollen than this share of what was seen sends a comb to crushing only (the household's
 * starting value is a tenth).
 */
const MUCH = 0.1;

/** Is pollen in it? It bars a piece from cut comb; much of it sends the comb to crushing only. */
export function pollen(facts: CombFacts): Finding {
  const base = { question: 'pollen' as const, rule: lookSay('look.pollen.rule'), restsOn: [] };
  if (isStingless(facts.kind)) {
    const pots = facts.comb.pots?.pollen ?? null;
    if (pots === null)
      return {
        ...base,
        answer: 'unknown',
        weight: 'notes',
        sentence: lookSay('look.pollen.not-counted'),
      };
    return pots > 0
      ? {
          ...base,
          answer: 'yes',
          weight: 'notes',
          sentence: lookSay('look.pollen.pots', { pots }),
        }
      : {
          ...base,
          answer: 'no',
          weight: 'notes',
          sentence: lookSay('look.pollen.no-pots'),
        };
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
      sentence: lookSay('look.pollen.much', { share: asPercent(share) }),
    };
  if (share > 0)
    return {
      ...base,
      ...figures,
      answer: 'yes',
      weight: 'notes',
      sentence: lookSay('look.pollen.little'),
    };
  return sides.length === 2
    ? { ...base, answer: 'no', weight: 'notes', sentence: lookSay('look.pollen.none') }
    : {
        ...base,
        answer: 'unknown',
        weight: 'notes',
        sentence: lookSay('look.pollen.unknown'),
      };
}
