import type { Say } from '../say/say.js';
import { takeSay } from './says.js';
import { potsEstimate } from '../comb/pots.js';
import type { Pots } from '../records/vocabulary/combShapes.js';

export interface PotsCheck {
  gPerPot: number;
  /** What does not fit, a sentence that asks; null where nothing does not. */
  question: Say | null;
}

/**
 * Pots emptied beside what was weighed and what was counted: grams a pot, asked about where more
 * were emptied than were seen sealed, or where a pot would have held under half the least or over
 * one and a half times the most that pots of this size hold. Takes whole pots (at least 1), net
 * grams, and the count from the look if there was one.
 */
export function potsCheck(input: {
  potsEmptied: number;
  netG: number;
  pots: Pots | null;
}): PotsCheck {
  const { potsEmptied, netG, pots } = input;
  const gPerPot = netG / potsEmptied;
  if (!pots) return { gPerPot, question: null };
  const known = pots.honeySealed + pots.honeyOpen;
  if (potsEmptied > known)
    return {
      gPerPot,
      question: takeSay('take.potsCheck.emptied-with-honey-were-counted', { potsEmptied, known }),
    };
  if (potsEmptied > pots.honeySealed)
    return {
      gPerPot,
      question: takeSay('take.potsCheck.emptied-were-counted-sealed-open', {
        potsEmptied,
        honeySealed: pots.honeySealed,
      }),
    };
  const { sealedKg } = potsEstimate({ ...pots, honeySealed: 1, honeyOpen: 0 });
  if (netG > 0 && (gPerPot < sealedKg.low * 500 || gPerPot > sealedKg.high * 1500))
    return {
      gPerPot,
      question: takeSay('take.potsCheck.that-pot-pots-this-size', {
        gPerPot: { massG: gPerPot, as: 'estimate' },
        sealed: { massG: { low: sealedKg.low * 1000, high: sealedKg.high * 1000 }, as: 'estimate' },
      }),
    };
  return { gPerPot, question: null };
}
