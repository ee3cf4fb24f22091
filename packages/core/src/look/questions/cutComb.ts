import type { Say } from '../../say/say.js';
import { cappedShares, type CombFacts, seenSides, sumOf } from '../combFacts.js';
import { asPercent } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/** Is it fit for cut comb: new wax, straight, capped to the edge, nothing in it but honey? */
export function cutComb(facts: CombFacts): Finding {
  const { comb } = facts;
  const sides = seenSides(comb.sides);
  const base = {
    question: 'cut-comb' as const,
    weight: 'advises' as const,
    rule: lookSay('look.cutComb.rule'),
    restsOn: [],
  };
  if (!sides.length)
    return {
      ...base,
      weight: 'notes',
      answer: 'unknown',
      sentence: lookSay('look.cutComb.not-seen'),
    };
  const n = sides.length;
  const { worst } = cappedShares(sides);
  const open = sumOf(sides, 'open') / n;
  const pollen = sumOf(sides, 'pollen') / n;
  const bare = sumOf(sides, 'empty') / n;
  const flaws = [
    comb.combAge === 'brood-used' && lookSay('look.cutComb.carried-brood'),
    comb.combAge === 'used' && lookSay('look.cutComb.old-wax'),
    comb.straight === false && lookSay('look.cutComb.crooked'),
    sumOf(sides, 'brood') > 0 && lookSay('look.cutComb.brood'),
    pollen > 0 && lookSay('look.cutComb.pollen', { share: asPercent(pollen) }),
    worst < 0.995 && lookSay('look.cutComb.uncapped', { share: uncapped(worst) }),
    open > 0.02 && lookSay('look.cutComb.open', { share: asPercent(open) }),
    bare > 0.1 && lookSay('look.cutComb.empty', { share: asPercent(bare) }),
  ].filter((flaw): flaw is Say => flaw !== false);
  if (flaws.length)
    return {
      ...base,
      answer: 'no',
      sentence: lookSay('look.cutComb.not-as-it-is', { flaws: { and: flaws.slice(0, 3) } }),
    };
  if (n < 2 || comb.straight === null)
    return {
      ...base,
      answer: 'unknown',
      sentence: lookSay('look.cutComb.clean-so-far'),
    };
  return {
    ...base,
    answer: 'yes',
    sentence: lookSay('look.cutComb.fit'),
  };
}

/** What is not capped, of a capped share that is never rounded up. */
const uncapped = (capped: number): { percent: number } => ({
  percent: 100 - asPercent(capped).percent,
});
