import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from './mass.js';

/** One line of an instrument as text, understood as far as it can be. */
export interface LineReading {
  quantity: 'mass' | 'temperature' | 'moisture';
  /** Grams, degrees Celsius, or percent of water. */
  value: number;
  /** False where the line itself says that the weight still moves. */
  steady: boolean;
}
const MASS: Record<string, number> = {
  g: 1,
  kg: 1000,
  lb: GRAMS_PER_POUND,
  lbs: GRAMS_PER_POUND,
  oz: GRAMS_PER_OUNCE,
};

/**
 * Reads a line of text from any instrument: a number and a unit somewhere in it, "+  2.315 kg",
 * "23,5 °C", "17.8 %". 'overload' where the line says it is beyond the scale's range (OL, over,
 * dashes), null where no number with a unit can be found: such a line is shown, never guessed at.
 */
export function readInstrumentLine(line: string): LineReading | 'overload' | null {
  const text = line.trim();
  if (/\b(o\.?l\.?|over(load)?|err)\b/i.test(text) || /^[-_]{3,}/.test(text)) return 'overload';
  const found = [
    ...text.matchAll(/([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g|lbs|lb|oz|°\s?[cf]|%)(?![a-z])/gi),
  ];
  if (found.length !== 1) return null;
  const [, sign, digits, unit] = found[0];
  const value = Number(digits.replace(',', '.')) * (sign === '-' ? -1 : 1);
  const steady = !/\b(us|unstable|dyn|motion)\b/i.test(text);
  const key = unit.toLowerCase().replace(/\s/g, '');
  if (key in MASS) return { quantity: 'mass', value: value * MASS[key], steady };
  if (key === '°c') return { quantity: 'temperature', value, steady };
  if (key === '°f') return { quantity: 'temperature', value: ((value - 32) * 5) / 9, steady };
  return { quantity: 'moisture', value, steady };
}

/**
 * Lines of a stream of bytes: gives the whole lines and what is left of the last one. A line
 * without end is cut at 500 letters.
 */
export function splitLines(rest: string, chunk: string): { lines: string[]; rest: string } {
  const parts = (rest + chunk).split(/\r\n|\n|\r/);
  const last = parts.pop()!;
  return { lines: parts.filter((p) => p.trim() !== ''), rest: last.slice(-500) };
}
