import { honeyViscosityPaS } from '../honey/viscosity.js';
import type { Range } from '../units/format.js';
import { rangeOf } from '../units/ranges.js';

/**
 * How long cut edges weep on a rack at 25 °C and 18 % water: 6 to 24 hours. A starting range of the
 * code, not a published figure; the household's own racks replace it from the fifth on.
 */
export const RACK_START: Range = { low: 6, mid: 12, high: 24 };

export interface RackRun {
  hours: number;
  temperatureC: number;
  moisturePercent: number;
}

/**
 * Hours of one rack brought to 25 °C and 18 %: weeping goes with one over viscosity, as draining
 * does (SCIENCE 3, 4).
 */
const asReference = (run: RackRun): number =>
  (run.hours * honeyViscosityPaS(18, 25)) /
  honeyViscosityPaS(run.moisturePercent, run.temperatureC);

/**
 * Hours until cut edges stop weeping, as a range, by the bench's temperature and the honey's water.
 * Own racks count from the fifth on, each brought to one viscosity: their middle, and how far they
 * lie apart.
 */
export function rackHours(input: {
  temperatureC: number;
  moisturePercent: number;
  own?: readonly RackRun[];
}): Range {
  const own = (input.own ?? []).map(asReference).sort((a, b) => a - b);
  const factor =
    honeyViscosityPaS(input.moisturePercent, input.temperatureC) / honeyViscosityPaS(18, 25);
  const base =
    own.length >= 5
      ? { low: own[0], mid: own[Math.floor(own.length / 2)], high: own[own.length - 1] }
      : RACK_START;
  return rangeOf((e) => base[e] * factor);
}
