import type { Range } from '../units/format.js';
import { rangeOf } from '../units/ranges.js';
import { cubicSpline } from './cubicSpline.js';
import { honeyDensityKgPerL } from './density.js';

/**
 * Water of honey at balance with the air, % against % relative humidity, clover honey near 20 °C
 * (Martin 1958).
 */
const MARTIN_HUMIDITY = [50, 55, 60, 65, 70, 75, 80] as const;
const MARTIN_WATER = [15.9, 16.8, 18.3, 20.9, 24.2, 28.3, 33.1] as const;
const balance = cubicSpline(MARTIN_HUMIDITY, MARTIN_WATER);

/**
 * Water content at which honey neither gains nor loses, in air of this relative humidity; null
 * outside the published 50 to 80 %.
 */
export function balanceWaterPercent(humidityPercent: number): number | null {
  const [driest, dampest] = [MARTIN_HUMIDITY[0], MARTIN_HUMIDITY[MARTIN_HUMIDITY.length - 1]];
  if (humidityPercent < driest || humidityPercent > dampest) return null;
  return balance(humidityPercent);
}

/**
 * How fast water moves within honey, m²/s: a starting range, from sugar solutions as thick as honey
 * near 20 °C, which differ by more than ten times. The surface is at balance with the air at once;
 * what is beneath takes it up slowly.
 */
const WATER_IN_HONEY_M2S: Range = { low: 3e-12, mid: 1.2e-11, high: 5e-11 };

export interface OpenHoney {
  honeyKg: number;
  /** Surface that lies open to the air, cm². */
  openCm2: number;
  hours: number;
  moisturePercent: number;
  humidityPercent: number;
}

/**
 * Water that open honey takes up from the room, grams, and the water it then has, %, as ranges; a
 * loss is negative. Diffusion from a surface at balance into deep honey (Crank: 2 c sqrt(D t / pi)
 * a unit of area), never past the balance. Thin films on a strainer have far more surface than
 * their vessel: give the whole of it. Null where the balance is not published. Kilograms, cm²,
 * hours, percent.
 */
export function waterFromRoom(
  input: OpenHoney,
): { balancePercent: number; takenG: Range; waterPercent: Range } | null {
  const { honeyKg, openCm2, hours, moisturePercent } = input;
  const balancePercent = balanceWaterPercent(input.humidityPercent);
  if (balancePercent === null || honeyKg <= 0) return null;
  const kgPerM3 = honeyDensityKgPerL(moisturePercent) * 1000;
  const differenceKgPerM3 = ((balancePercent - moisturePercent) / 100) * kgPerM3;
  // At balance all of it holds this much more: (w + x) / (m + x) = balance.
  const mostKg = (honeyKg * (balancePercent - moisturePercent)) / (100 - balancePercent);
  const takenKg = (edge: keyof Range): number => {
    const depthM = 2 * Math.sqrt((WATER_IN_HONEY_M2S[edge] * hours * 3600) / Math.PI);
    const kg = differenceKgPerM3 * depthM * (openCm2 / 1e4);
    return Math.abs(kg) > Math.abs(mostKg) ? mostKg : kg;
  };
  const taken = rangeOf(takenKg);
  const waterPercent = rangeOf(
    (e) => ((honeyKg * (moisturePercent / 100) + taken[e]) / (honeyKg + taken[e])) * 100,
  );
  return { balancePercent, takenG: rangeOf((e) => taken[e] * 1000), waterPercent };
}
