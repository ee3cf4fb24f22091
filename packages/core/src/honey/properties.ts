import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';
import { honeyDensityKgPerL } from './density.js';
import { honeyViscosityPaS } from './viscosity.js';

export interface HoneyProperties {
  densityKgPerL: number;
  viscosityPaS: number;
  approximate: boolean;
}

/**
 * Density (kg/L) and viscosity (Pa s) of honey from its water (%) and temperature (°C).
 * `approximate` above 21 % or below 13 % water, where the published tables end.
 *
 * @example
 * honeyProperties({ moisturePercent: 18, temperatureC: 20 }).densityKgPerL; // 1.415
 */
export function honeyProperties(input: {
  moisturePercent: number;
  temperatureC: number;
}): HoneyProperties {
  const { moisturePercent, temperatureC } = input;
  if (temperatureC < -40 || temperatureC > 120)
    throw new BadInput(
      calcSay('calc.honey-worked', { least: { temperatureC: -40 }, most: { temperatureC: 120 } }),
      'temperatureC',
    );
  return {
    densityKgPerL: honeyDensityKgPerL(moisturePercent, temperatureC),
    viscosityPaS: honeyViscosityPaS(moisturePercent, temperatureC),
    approximate: moisturePercent > 21 || moisturePercent < 13,
  };
}
