import { keepingOf, type KeepsSaid } from './keeping.js';

export interface BlendPart {
  kg: number;
  moisturePercent: number;
}

/**
 * Honey poured together: kilograms add up, water averages by mass (SCIENCE 5). Takes parts with
 * their water in percent; gives the whole and its class by Lochhead, null for nothing at all.
 * Mixing dilutes a fault, it does not mend it: what already ferments infects the rest.
 */
export function blendOf(
  parts: readonly BlendPart[],
): { kg: number; moisturePercent: number; keeping: KeepsSaid } | null {
  const kg = parts.reduce((sum, p) => sum + p.kg, 0);
  if (!(kg > 0)) return null;
  const moisturePercent = parts.reduce((sum, p) => sum + p.kg * p.moisturePercent, 0) / kg;
  return {
    kg,
    moisturePercent,
    keeping: keepingOf(moisturePercent, 'honeybee'),
  };
}

/**
 * Kilograms of dry honey that bring a wet lot to a water content; 0 where it is there already, null
 * where the dry honey is not drier than the wish. From the mass balance of water: dry = wet (w - t)
 * / (t - d).
 */
export function dryHoneyNeededKg(input: {
  wetKg: number;
  wetPercent: number;
  dryPercent: number;
  targetPercent: number;
}): number | null {
  const { wetKg, wetPercent, dryPercent, targetPercent } = input;
  if (wetPercent <= targetPercent) return 0;
  if (dryPercent >= targetPercent) return null;
  return (wetKg * (wetPercent - targetPercent)) / (targetPercent - dryPercent);
}
