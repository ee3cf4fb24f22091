import { honeyDensityKgPerL } from '../honey/density.js';
import type { Range } from '../units/format.js';
import type { Pots } from '../records/vocabulary/combShapes.js';

/**
 * Sizes of single pots about their mean, wall and corners taken off: 0.55 to 0.85 of the ellipsoid
 * holds honey. Starting range of the code: the household's own drawn-off kilograms replace it.
 */
const POT_FILLED: Range = { low: 0.55, mid: 0.7, high: 0.85 };
const OPEN_FILLED: Range = { low: 0.2, mid: 0.5, high: 0.85 };
/** Water of stingless-bee honey, 22 to 35 % (SCIENCE 1): thin honey is the light end. */
const WATER: Range = { low: 35, mid: 27, high: 22 };

export interface PotsEstimate {
  sealedKg: Range;
  honeyKg: Range;
  sealedShare: number;
  /** Volume of one pot to its wall, ml. */
  potMl: number;
}

/**
 * Honey in counted pots, kg: count × ellipsoid × how full × density. Open pots are part filled and
 * thin.
 */
export function potsEstimate(pots: Pots): PotsEstimate {
  const potMl = ((Math.PI / 6) * pots.potWidthMm ** 2 * pots.potHeightMm) / 1000;
  const kg = (n: number, filled: Range): Range => {
    const at = (e: keyof Range): number =>
      (n * potMl * filled[e] * honeyDensityKgPerL(WATER[e])) / 1000;
    return { low: at('low'), mid: at('mid'), high: at('high') };
  };
  const [sealedKg, openKg] = [kg(pots.honeySealed, POT_FILLED), kg(pots.honeyOpen, OPEN_FILLED)];
  const honey = pots.honeySealed + pots.honeyOpen;
  return {
    sealedKg,
    honeyKg: {
      low: sealedKg.low + openKg.low,
      mid: sealedKg.mid + openKg.mid,
      high: sealedKg.high + openKg.high,
    },
    sealedShare: honey > 0 ? pots.honeySealed / honey : 0,
    potMl,
  };
}
