import { calcSay } from '../calcSays.js';
import { BadInput } from '../badInput.js';

/** Reference state of "viscous time": 25 °C, 18 % water (SCIENCE 4). */
export const REFERENCE = { temperatureC: 25, moisturePercent: 18 } as const;

/**
 * Viscosity of honey in Pa s. Takes °C and % water. Least-squares fit to Munro (1943), within 10 %
 * of every published point (SCIENCE 3); not valid for thixotropic honey.
 *
 * @throws {BadInput} where honey that cold and dry is glass and the formula has no value.
 */
export function honeyViscosityPaS(moisturePercent: number, temperatureC: number): number {
  const fluidity = temperatureC + 59.546 + 3.6441 * (moisturePercent - 17);
  if (fluidity < 5) throw new BadInput(calcSay('calc.honey-does-not-flow'), 'temperatureC');
  return Math.exp(-8.0595 + 850.41 / fluidity);
}

/**
 * How much faster honey of this water and temperature flows than at 25 °C and 18 %: hours times
 * this are hours of "viscous time".
 */
export function flowFactor(moisturePercent: number, temperatureC: number): number {
  return (
    honeyViscosityPaS(REFERENCE.moisturePercent, REFERENCE.temperatureC) /
    honeyViscosityPaS(moisturePercent, temperatureC)
  );
}
