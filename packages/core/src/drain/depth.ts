import { honeyDensityKgPerL } from '../honey/density.js';

/** Depth in mm that honey stands in a round vessel: its volume over the vessel's inner area. */
export function honeyDepthMm(input: {
  honeyKg: number;
  innerDiameterMm: number;
  moisturePercent: number;
  temperatureC: number;
}): number {
  const litres = input.honeyKg / honeyDensityKgPerL(input.moisturePercent, input.temperatureC);
  return (litres * 1e6) / (Math.PI * (input.innerDiameterMm / 2) ** 2);
}
