import { honeyDensityKgPerL } from '../honey/density.js';
import { honeyViscosityPaS } from '../honey/viscosity.js';
import type { Range } from '../units/format.js';

const GRAVITY = 9.81;
/**
 * Radius of the wax crumbs and bubbles that still make scum, mm: a stated starting range, the
 * household may change it.
 */
export const SCUM_RADIUS_MM: Range = { low: 0.2, mid: 0.15, high: 0.1 };
/** Beeswax, kg/L at 20 °C (0.95 to 0.97 in the literature). */
const WAX_KG_PER_L = 0.96;

/**
 * Hours until wax and air have risen through `depthMm` of honey: Stokes, v = 2/9 (rho_h - rho_p) g
 * r² / eta (SCIENCE 4). Low is the quick edge (large crumbs), high the slow one.
 */
export function settlingHours(input: {
  depthMm: number;
  temperatureC: number;
  moisturePercent: number;
}): Range {
  const { depthMm, temperatureC, moisturePercent } = input;
  const eta = honeyViscosityPaS(moisturePercent, temperatureC);
  const lift = (honeyDensityKgPerL(moisturePercent, temperatureC) - WAX_KG_PER_L) * 1000;
  const hours = (radiusMm: number): number =>
    depthMm / 1000 / (((2 / 9) * lift * GRAVITY * (radiusMm / 1000) ** 2) / eta) / 3600;
  return {
    low: hours(SCUM_RADIUS_MM.low),
    mid: hours(SCUM_RADIUS_MM.mid),
    high: hours(SCUM_RADIUS_MM.high),
  };
}
