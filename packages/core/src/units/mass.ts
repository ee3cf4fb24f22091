/** International avoirdupois pound in grams, exact (1959 agreement). */
export const GRAMS_PER_POUND = 453.59237;
/** Avoirdupois ounce in grams, exact. */
export const GRAMS_PER_OUNCE = GRAMS_PER_POUND / 16;

/** Kilograms to whole grams, the unit kept in the book. Rounds half up; throws nothing. */
export function kgToG(kg: number): number {
  return Math.round(kg * 1000);
}

/** Grams to kilograms. */
export function gToKg(g: number): number {
  return g / 1000;
}

/** Grams to avoirdupois ounces. */
export function gToOz(g: number): number {
  return g / GRAMS_PER_OUNCE;
}

/** Ounces to grams. */
export function ozToG(oz: number): number {
  return oz * GRAMS_PER_OUNCE;
}

/**
 * Ounces as a label states them: to 0.1 oz, always rounded DOWN, because a label never promises
 * more than the jar holds. 1e-9 guards a whole tenth against binary rounding.
 */
export function labelOunces(netG: number): number {
  return Math.floor(gToOz(netG) * 10 + 1e-9) / 10;
}
