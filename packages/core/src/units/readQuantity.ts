import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from './mass.js';
import { readNumber } from './readNumber.js';

const GRAMS_PER: Record<string, number> = {
  g: 1,
  kg: 1000,
  lb: GRAMS_PER_POUND,
  lbs: GRAMS_PER_POUND,
  oz: GRAMS_PER_OUNCE,
};

/**
 * Reads a mass such as "5,8 kg", "12 lb 3 oz" or "850" into grams; a bare number is taken in
 * `bareUnit`. This is also what a line of text from any scale goes through: one number and one
 * unit. Gives null where no mass can be read.
 */
export function readMassG(text: string, bareUnit: 'g' | 'kg' | 'lb' | 'oz'): number | null {
  const parts = [
    ...text
      .trim()
      .toLowerCase()
      .matchAll(/([+-]?\d+(?:[.,]\d+)?)\s*([a-z]*)/g),
  ];
  const rest = text
    .trim()
    .toLowerCase()
    .replace(/([+-]?\d+(?:[.,]\d+)?)\s*([a-z]*)/g, '')
    .trim();
  if (parts.length === 0 || rest !== '' || parts.length > 2) return null;
  let grams = 0;
  for (const [, amountText, unitText] of parts) {
    const amount = readNumber(amountText);
    const factor = GRAMS_PER[unitText || (parts.length === 1 ? bareUnit : '')];
    if (amount === null || factor === undefined) return null;
    grams += amount * factor;
  }
  return grams;
}
