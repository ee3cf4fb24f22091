import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';

const KELVIN = 273.15;
/** Half-lives in hours, White (1964): temperature °C, diastase, invertase. */
const HALF_LIVES: ReadonlyArray<readonly [number, number, number]> = [
  [10, 12600 * 24, 9600 * 24],
  [20, 1480 * 24, 820 * 24],
  [25, 540 * 24, 250 * 24],
  [30, 200 * 24, 83 * 24],
  [35, 78 * 24, 28 * 24],
  [40, 31 * 24, 9.6 * 24],
  [50, 5.38 * 24, 1.28 * 24],
  [60, 1.05 * 24, 4.7],
  [63, 16.2, 3],
  [70, 5.3, 0.78],
  [80, 1.2, 0.14],
];

/**
 * Half-life in hours of an enzyme at `temperatureC`: ln(half-life) straight against 1/T in kelvin
 * between published points.
 */
function halfLifeHours(temperatureC: number, column: 1 | 2): number {
  let i = 0;
  while (i < HALF_LIVES.length - 2 && temperatureC > HALF_LIVES[i + 1][0]) i++;
  const [lower, upper] = [HALF_LIVES[i], HALF_LIVES[i + 1]];
  const x = 1 / (temperatureC + KELVIN);
  const x0 = 1 / (lower[0] + KELVIN);
  const x1 = 1 / (upper[0] + KELVIN);
  const y0 = Math.log(lower[column]);
  const y1 = Math.log(upper[column]);
  return Math.exp(y0 + ((y1 - y0) * (x - x0)) / (x1 - x0));
}

/** Half-life of diastase in hours at `temperatureC`, White (1964). */
export const diastaseHalfLifeHours = (temperatureC: number): number =>
  halfLifeHours(temperatureC, 1);
/** Half-life of invertase in hours at `temperatureC`, White (1964). */
export const invertaseHalfLifeHours = (temperatureC: number): number =>
  halfLifeHours(temperatureC, 2);

/**
 * Share of diastase and invertase left after a list of warmings (°C, hours): the product of
 * 0.5^(hours / half-life). This is not the hydroxymethylfurfural that authorities measure.
 *
 * @example
 * honeyHeat({ exposures: [{ temperatureC: 40, hours: 24 }] }).invertaseRetainedFraction; // 0.93
 */
export function honeyHeat(input: {
  exposures: ReadonlyArray<{ temperatureC: number; hours: number }>;
}): {
  diastaseRetainedFraction: number;
  invertaseRetainedFraction: number;
} {
  let diastase = 0;
  let invertase = 0;
  input.exposures.forEach(({ temperatureC, hours }, i) => {
    if (temperatureC <= -KELVIN)
      throw new BadInput(calcSay('calc.below-zero'), `exposures[${i}].temperatureC`);
    diastase += hours / diastaseHalfLifeHours(temperatureC);
    invertase += hours / invertaseHalfLifeHours(temperatureC);
  });
  return { diastaseRetainedFraction: 0.5 ** diastase, invertaseRetainedFraction: 0.5 ** invertase };
}

/**
 * Percent of an enzyme lost, to no more digits than half-lives of two or three allow: "< 0.1",
 * "0.4", "59".
 */
export function enzymeLossText(percent: number): string {
  if (percent < 0.05) return percent > 0 ? '< 0.1' : '0';
  return percent < 10 ? percent.toFixed(1) : percent.toFixed(0);
}
