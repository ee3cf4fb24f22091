/** Prices as whole numbers of one small unit, so that sums of them compare without rounding. */
export interface WholePrices {
  units: bigint[];
  /** The price of a sum of units, as the nearest number there is. */
  priceOf: (units: bigint) => number;
}

const greatestCommon = (a: bigint, b: bigint): bigint => (b === 0n ? a : greatestCommon(b, a % b));

/** A price as its decimal digits and the power of ten behind them: 12.5 is 125 and -1. */
function digitsOf(price: number): { digits: bigint; exponent: number } {
  const [mantissa, exponent] = price.toExponential().split('e');
  const [whole, fraction = ''] = mantissa.split('.');
  return { digits: BigInt(whole + fraction), exponent: Number(exponent) - fraction.length };
}

/**
 * Turns prices (finite, at least 0) into whole numbers without loss: each by the decimal it is
 * written as, all over their common power of ten, less what divides them all.
 */
export function wholePrices(prices: readonly number[]): WholePrices {
  const parts = prices.map(digitsOf);
  const lowest = Math.min(...parts.map((p) => (p.digits === 0n ? 0 : p.exponent)));
  const units = parts.map((p) =>
    p.digits === 0n ? 0n : p.digits * 10n ** BigInt(p.exponent - lowest),
  );
  const common = units.reduce(greatestCommon, 0n) || 1n;
  return {
    units: units.map((u) => u / common),
    priceOf: (sum) => Number(`${sum * common}e${lowest}`),
  };
}
