import type { HouseRules } from '../records/houseRules.js';
import type { Blemish, Grade } from '../records/vocabulary/pieces.js';

export const GRADE_WORDS: Record<Grade, string> = {
  premium: 'Full price',
  discount: 'Discount',
  chunk: 'For a chunk jar',
  sample: 'Sample',
  crush: 'To be crushed',
};

export const BLEMISH_WORDS: Record<Blemish, string> = {
  cracked: 'cracked through',
  'open-cells': 'open cells',
  'wet-top': 'wet cappings',
  sagged: 'sagged',
  'torn-edge': 'torn edge',
  stained: 'stained by feet',
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
  reason: string;
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
  const discounted = (reason: string): Graded => ({
    grade: 'discount',
    price: Math.round(price * (100 - rules.pieceDiscountPercent)) / 100,
    reason,
  });
  const spoilt = blemishes.find((b) => SPOILS[b] === 'crush');
  if (spoilt)
    return { grade: 'crush', price: 0, reason: `${BLEMISH_WORDS[spoilt]}: it leaks, crush it` };
  if (netG !== null && minG !== null && netG < minG) {
    const reason = `${netG} g, under the ${minG} g of its box`;
    if (rules.underWeight === 'discount')
      return discounted(`${reason}: ${rules.pieceDiscountPercent} % off`);
    return {
      grade: rules.underWeight,
      price: 0,
      reason: `${reason}: ${rules.underWeight === 'chunk' ? 'into a chunk jar' : 'a sample'}`,
    };
  }
  if (blemishes.length > 1)
    return {
      grade: 'sample',
      price: 0,
      reason: `${blemishes.map((b) => BLEMISH_WORDS[b]).join(' and ')}: a sample`,
    };
  if (blemishes.length)
    return discounted(`${BLEMISH_WORDS[blemishes[0]]}: ${rules.pieceDiscountPercent} % off`);
  if (netG !== null && maxG !== null && netG > maxG)
    return {
      grade: 'premium',
      price,
      reason: `${netG} g, ${netG - maxG} g above its window: given away, or trim it`,
    };
  const unblemished = minG === null ? 'no blemish' : 'no blemish, within its weights';
  return {
    grade: 'premium',
    price,
    reason: netG === null ? 'no blemish; not weighed yet' : unblemished,
  };
}
