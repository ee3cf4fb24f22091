import { honeyDensityKgPerL } from '../honey/density.js';

/** Millilitres that a net weight of honey fills at a water content and temperature. */
export function netVolumeMl(netG: number, moisturePercent: number, temperatureC = 20): number {
  return netG / honeyDensityKgPerL(moisturePercent, temperatureC);
}
