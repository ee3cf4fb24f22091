import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';
import { BRIX_TABLE, brixToRefractiveIndex, refractiveIndexToBrix } from './sucrose.js';

/**
 * Change of refractive index per °C above 20 °C on an instrument without compensation (SCIENCE 1).
 */
const INDEX_PER_C = 0.00023;

export interface MoistureReading {
  refractiveIndex?: number;
  brixPercent?: number;
  moisturePercent?: number;
  temperatureC?: number;
  temperatureCompensated?: boolean;
}
export interface Moisture {
  moisturePercent: number;
  brixPercent: number;
  refractiveIndex20: number;
  approximate: boolean;
}

/**
 * Water content in % by mass from the refractive index at 20 °C: Wedmore (1955) from Chataway's
 * data.
 */
export function wedmoreMoisture(refractiveIndex20: number): number {
  return (-0.2681 - Math.log10(refractiveIndex20 - 1)) / 0.002243;
}

/** Refractive index at 20 °C of honey with `moisturePercent` water: Wedmore turned round. */
export function wedmoreIndex(moisturePercent: number): number {
  return 1 + 10 ** (-0.2681 - 0.002243 * moisturePercent);
}

/**
 * Water content of honey from one refractometer reading. Takes exactly one of refractive index,
 * Brix (sucrose scale) or moisture (honey scale), the honey's temperature in °C (20 if not given)
 * and whether the instrument compensates for it. Without compensation the scale reading goes to an
 * index first, is corrected by 0.00023 per °C, then to water. `approximate` above 25 % or below 13
 * % water, or outside 60 to 85 Brix.
 *
 * @throws {BadInput} where there is not exactly one reading or it is no honey at all.
 *
 * @example
 * honeyMoisture({ brixPercent: 80, temperatureC: 25 }).moisturePercent; // 18.31
 */
export function honeyMoisture(reading: MoistureReading): Moisture {
  const given = (['refractiveIndex', 'brixPercent', 'moisturePercent'] as const).filter(
    (key) => reading[key] !== undefined,
  );
  if (given.length !== 1) {
    throw new BadInput(
      given.length === 0 ? calcSay('calc.one-reading') : calcSay('calc.exactly-one-reading'),
      given[1] ?? '',
    );
  }
  const { temperatureC = 20, temperatureCompensated = true } = reading;
  const scaleIndex =
    reading.refractiveIndex ??
    (reading.brixPercent !== undefined
      ? brixToRefractiveIndex(reading.brixPercent)
      : wedmoreIndex(reading.moisturePercent!));
  const refractiveIndex20 = temperatureCompensated
    ? scaleIndex
    : scaleIndex + INDEX_PER_C * (temperatureC - 20);
  const moisturePercent = refractiveIndex20 > 1 ? wedmoreMoisture(refractiveIndex20) : Number.NaN;
  if (!(moisturePercent >= 0 && moisturePercent <= 100)) {
    throw new BadInput(calcSay('calc.reading-no-water'), given[0]);
  }
  const brixPercent = refractiveIndexToBrix(refractiveIndex20);
  const approximate =
    // 1e-9 keeps a round trip through the index from pushing 13 or 25 % itself over the edge.
    moisturePercent > 25 + 1e-9 ||
    moisturePercent < 13 - 1e-9 ||
    (reading.brixPercent !== undefined &&
      !(reading.brixPercent >= BRIX_TABLE.low && reading.brixPercent <= BRIX_TABLE.high));
  return { moisturePercent, brixPercent, refractiveIndex20, approximate };
}
