import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Blemish, Grade } from '../records/vocabulary/pieces.js';

export const GRADE_WORDS: Record<Grade, Say> = {
  premium: cutSay('cut.grade.full-price'),
  discount: cutSay('cut.grade.discount'),
  chunk: cutSay('cut.grade.for-chunk-jar'),
  sample: cutSay('cut.grade.sample'),
  crush: cutSay('cut.grade.to-be-crushed'),
};

export const BLEMISH_WORDS: Record<Blemish, Say> = {
  cracked: cutSay('cut.grade.cracked-through'),
  'open-cells': cutSay('cut.grade.open-cells'),
  'wet-top': cutSay('cut.grade.wet-cappings'),
  sagged: cutSay('cut.grade.sagged'),
  'torn-edge': cutSay('cut.grade.torn-edge'),
  stained: cutSay('cut.grade.stained-by-feet'),
};
/** A blemish that is only looks costs the discount; one that leaks ends it as a piece. */
const SPOILS: Record<Blemish, Grade> = {
  cracked: 'crush',
  'open-cells': 'discount',
  'wet-top': 'discount',
  sagged: 'discount',
  'torn-edge': 'discount',
  stained: 'discount',
};

export interface Graded {
  grade: Grade;
  price: number;
  reason: Say;
}

/**
 * Grade and price of one piece by the house rules: its blemishes and its weight against the window
 * of its box. The worst speaks; two blemishes of looks make it a sample. Under weight goes where
 * the rule says. Takes grams and the box's price; the reason names what spoke.
 */
export function gradePiece(input: {
  blemishes: readonly Blemish[];
  netG: number | null;
  minG: number | null;
  maxG: number | null;
  price: number;
  rules: Pick<HouseRules, 'pieceDiscountPercent' | 'underWeight'>;
}): Graded {
  const { blemishes, netG, minG, maxG, price, rules } = input;
  const discounted = (reason: Say): Graded => ({
    grade: 'discount',
    price: Math.round(price * (100 - rules.pieceDiscountPercent)) / 100,
    reason,
  });
  const spoilt = blemishes.find((b) => SPOILS[b] === 'crush');
  if (spoilt)
    return {
      grade: 'crush',
      price: 0,
      reason: cutSay('cut.grade.it-leaks-crush-it', { spoilt: BLEMISH_WORDS[spoilt] }),
    };
  if (netG !== null && minG !== null && netG < minG) {
    const reason = cutSay('cut.grade.under-its-box', {
      netG: { massG: netG, as: 'read' },
      minG: { massG: minG, as: 'read' },
    });
    if (rules.underWeight === 'discount')
      return discounted(
        cutSay('cut.grade.off', { reason, pieceDiscountPercent: rules.pieceDiscountPercent }),
      );
    return {
      grade: rules.underWeight,
      price: 0,
      reason: cutSay('cut.grade.text', {
        reason,
        underWeight:
          rules.underWeight === 'chunk'
            ? cutSay('cut.grade.into-chunk-jar')
            : cutSay('cut.grade.sample-2'),
      }),
    };
  }
  if (blemishes.length > 1)
    return {
      grade: 'sample',
      price: 0,
      reason: cutSay('cut.grade.sample-3', {
        blemishes: { and: blemishes.map((b) => BLEMISH_WORDS[b]) },
      }),
    };
  if (blemishes.length)
    return discounted(
      cutSay('cut.grade.off-2', {
        blemishes: BLEMISH_WORDS[blemishes[0]],
        pieceDiscountPercent: rules.pieceDiscountPercent,
      }),
    );
  if (netG !== null && maxG !== null && netG > maxG)
    return {
      grade: 'premium',
      price,
      reason: cutSay('cut.grade.above-its-window-given-away', {
        netG: { massG: netG, as: 'read' },
        netG2: { massG: netG - maxG, as: 'read' },
      }),
    };
  const unblemished =
    minG === null
      ? cutSay('cut.grade.no-blemish')
      : cutSay('cut.grade.no-blemish-within-its-weights');
  return {
    grade: 'premium',
    price,
    reason: netG === null ? cutSay('cut.grade.no-blemish-not-weighed-yet') : unblemished,
  };
}
