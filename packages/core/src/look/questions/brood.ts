import { firstOf } from '../../units/known.js';
import { dateWords } from '../../units/dates.js';
import { type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { percentDown, restsOn } from '../finding.js';
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
    rule: 'live brood',
    restsOn: colony.queen ? [restsOn('queen', colony.queen.on, date, rules.shelfDays.queen)] : [],
  };
  if (share > 0)
    return {
      ...base,
      answer: 'yes',
      weight: 'forbids',
      measured: share * 100,
      unit: '%',
      sentence: broodText(facts, share),
    };
  if (comb.combAge === 'brood-used' && !rules.takeBroodUsedComb && !colony.dead && sides.length)
    return {
      ...base,
      rule: 'brood-used comb stays',
      answer: 'yes',
      weight: 'decides',
      sentence: 'It carried brood before: by your rule such comb stays in the hive.',
    };
  if (sides.length < 2)
    return {
      ...base,
      answer: 'unknown',
      weight: 'notes',
      sentence: `${sides.length ? `No brood on side ${sides[0].side}; the other side is unknown` : 'Brood unknown: not seen'}. ${queenText(facts)}`,
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    sentence: `No brood seen on either side. ${queenText(facts)}`,
  };
}

function broodText(facts: CombFacts, share: number): string {
  const percent = `${Math.max(1, percentDown(share))} %`;
  if (facts.colony.dead)
    return `Dead brood in it, ${percent}: it stays where it is until its cause was looked at.`;
  const drone = facts.comb.droneShare !== null && facts.comb.droneShare > 0.5;
  const where = firstOf(seenSides(facts.comb.sides), (s) => s.shares.brood > 0).side;
  return drone
    ? `Drone brood on side ${where}, ${percent} of what was seen: live brood is never taken.`
    : `Brood on side ${where}, ${percent} of what was seen: a comb with live brood is never taken.`;
}

function queenText({ colony }: CombFacts): string {
  if (colony.dead) return 'Nobody lives here.';
  const last = colony.lastKnown.queen;
  return last?.seen
    ? `The queen was last seen on ${dateWords(last.on)}; look for her on this comb.`
    : 'Nobody saw the queen: look for her on this comb.';
}
