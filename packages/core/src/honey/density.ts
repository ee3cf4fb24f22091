import { cubicSpline } from './cubicSpline.js';
import { sucroseSpecificGravity } from './sucrose.js';

/** Specific gravity 20/20 °C against water content, White (1975). */
const whiteSpecificGravity = cubicSpline(
  [13, 14, 15, 16, 17, 18, 19, 20, 21],
  [1.4457, 1.4404, 1.435, 1.4295, 1.4237, 1.4171, 1.4101, 1.4027, 1.395],
);
const WETTEST_IN_TABLE = 21;
/** Water at 20 °C, kg/L. */
const WATER_KG_PER_L = 0.9982;
const KG_PER_L_PER_C = -0.0006;

/**
 * Specific gravity 20/20 °C of honey with `moisturePercent` water. Above 21 % the trend of sugar
 * solutions carries on from White's last point, down to 1 for water (approximate).
 */
export function honeySpecificGravity(moisturePercent: number): number {
  if (moisturePercent <= WETTEST_IN_TABLE) return whiteSpecificGravity(moisturePercent);
  const scale = (1.395 - 1) / (sucroseSpecificGravity(WETTEST_IN_TABLE) - 1);
  return 1 + (sucroseSpecificGravity(moisturePercent) - 1) * scale;
}

/**
 * Density of honey in kg/L at `temperatureC` (20 if not given): White (1975), -0.0006 kg/L per °C.
 */
export function honeyDensityKgPerL(moisturePercent: number, temperatureC = 20): number {
  return (
    honeySpecificGravity(moisturePercent) * WATER_KG_PER_L + KG_PER_L_PER_C * (temperatureC - 20)
  );
}
