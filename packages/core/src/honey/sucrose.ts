import { cubicSpline } from './cubicSpline.js';

/**
 * Refractive index at 20 °C (sodium light) of sucrose solutions, ICUMSA 1974; Brix in % by mass.
 */
const BRIX = [0, 10, 20, 30, 40, 50, 60, 70, 75, 80, 85];
const INDEX = [
  1.33299, 1.34782, 1.36384, 1.38115, 1.39986, 1.42009, 1.44193, 1.46546, 1.47787, 1.49071, 1.50398,
];
const indexAt = cubicSpline(BRIX, INDEX);

/**
 * Density in g/mL at 20 °C of sucrose solutions against % by mass (US National Bureau of Standards
 * Circular 440).
 */
const sucroseDensity = cubicSpline(
  [0, 10, 20, 30, 40, 50, 60, 70, 80],
  [0.99823, 1.0381, 1.08096, 1.12698, 1.17643, 1.22957, 1.28646, 1.34717, 1.41172],
);

/** Brix range of the table that SCIENCE gives; outside it a result is approximate. */
export const BRIX_TABLE = { low: 60, high: 85 } as const;

/** Refractive index at 20 °C of a sucrose solution of `brixPercent`. */
export function brixToRefractiveIndex(brixPercent: number): number {
  return indexAt(brixPercent);
}

/**
 * Brix (% sucrose by mass) whose refractive index at 20 °C is `refractiveIndex20`; bisection to
 * 1e-10, the table rises throughout.
 */
export function refractiveIndexToBrix(refractiveIndex20: number): number {
  let low = -20;
  let high = 120;
  while (high - low > 1e-10) {
    const mid = (low + high) / 2;
    if (indexAt(mid) < refractiveIndex20) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

/** Specific gravity 20/20 °C of a sucrose solution holding `waterPercent` water. */
export function sucroseSpecificGravity(waterPercent: number): number {
  return sucroseDensity(100 - waterPercent) / 0.99823;
}
