import { honeyDensityKgPerL } from '../honey/density.js';
import type { Range } from '../units/format.js';
import type { Shares } from './contents.js';

export type CombAge = 'new' | 'used' | 'brood-used';
export interface CombSide {
  areaCm2: number;
  shares: Shares;
}
export interface CombInput {
  sides: CombSide[];
  thicknessMm: number;
  moisturePercent?: number;
  combAge: CombAge;
}
export interface CombEstimate {
  honeyKg: Range;
  cappedHoneyKg: Range;
  openHoneyKg: Range;
  waxKg: Range;
  cappedShareOfHoney: number;
}

/** Honey volume over comb volume of sealed comb (SCIENCE 7): ragged, usual, well packed. */
const PACKING: Range = { low: 0.85, mid: 0.92, high: 0.95 };
/** How full an open cell is, and the water of what is in it (thin nectar is light, so it goes with the low end). */
const OPEN_FILLED: Range = { low: 0.3, mid: 0.65, high: 0.95 };
const OPEN_WATER: Range = { low: 40, mid: 25, high: 18 };
/** Water of sealed honey where nobody measured: 18 %, between the 16 and 20 that ripe honey spans. */
const SEALED_WATER: Range = { low: 20, mid: 18, high: 16 };
/** Wax as a share of new sealed comb (SCIENCE 7). Cocoons of brood hold wax back: its middle is the low share, its low end half of it (lowest clean yield). */
const WAX_SHARE: Record<CombAge, Range> = {
  new: { low: 0.04, mid: 0.05, high: 0.06 },
  used: { low: 0.04, mid: 0.05, high: 0.06 },
  'brood-used': { low: 0.02, mid: 0.04, high: 0.06 },
};
const EDGES = ['low', 'mid', 'high'] as const;
const range = (at: (edge: (typeof EDGES)[number]) => number): Range => ({
  low: at('low'),
  mid: at('mid'),
  high: at('high'),
});

/**
 * Honey and wax of one comb, as ranges in kg. Takes one or two seen sides (area in cm², shares that add
 * up to 1), the thickness of the sealed comb in mm (each side is half of it), the water of its sealed
 * honey if measured, and its age. One side given means the other was not seen: middle as the seen one,
 * low end as if it were bare, high end as if it were sealed to the edge. Open honey is raw mass.
 * Source: SCIENCE 7 (filled volume x packing x density).
 */
export function combEstimate(input: CombInput): CombEstimate {
  const { sides, thicknessMm, moisturePercent, combAge } = input;
  const litresPerCm2 = thicknessMm / 2 / 10 / 1000;
  const sealedKgPerCm2 = range(
    (e) => litresPerCm2 * PACKING[e] * honeyDensityKgPerL(moisturePercent ?? SEALED_WATER[e]),
  );
  const openKgPerCm2 = range(
    (e) => litresPerCm2 * PACKING[e] * OPEN_FILLED[e] * honeyDensityKgPerL(OPEN_WATER[e]),
  );

  const area = sides.reduce((sum, side) => sum + side.areaCm2, 0);
  const cappedCm2 = sides.reduce((sum, side) => sum + side.areaCm2 * side.shares.capped, 0);
  const openCm2 = sides.reduce((sum, side) => sum + side.areaCm2 * side.shares.open, 0);
  const unseen = sides.length === 1;
  const unseenCm2 = unseen ? area : 0;

  const seenToWhole = (seenCm2: number, kgPerCm2: Range): Range => ({
    low: seenCm2 * kgPerCm2.low,
    mid: seenCm2 * kgPerCm2.mid * (unseen ? 2 : 1),
    high: (seenCm2 + unseenCm2) * kgPerCm2.high,
  });
  const cappedHoneyKg = seenToWhole(cappedCm2, sealedKgPerCm2);
  const openHoneyKg = seenToWhole(openCm2, openKgPerCm2);
  // An unseen side holds capped or open honey, not both to the edge: the heavier of the two bounds the sum.
  const unseenHighKg = unseenCm2 * Math.max(sealedKgPerCm2.high, openKgPerCm2.high);
  const honeyKg: Range = {
    low: cappedHoneyKg.low + openHoneyKg.low,
    mid: cappedHoneyKg.mid + openHoneyKg.mid,
    high: cappedCm2 * sealedKgPerCm2.high + openCm2 * openKgPerCm2.high + unseenHighKg,
  };
  const wholeCm2 = area + unseenCm2;
  const waxKg = range((e) => {
    const share = WAX_SHARE[combAge][e];
    return (wholeCm2 * sealedKgPerCm2.mid * share) / (1 - share);
  });
  const honeyCm2 = cappedCm2 + openCm2;
  return {
    honeyKg,
    cappedHoneyKg,
    openHoneyKg,
    waxKg,
    cappedShareOfHoney: honeyCm2 > 0 ? cappedCm2 / honeyCm2 : 0,
  };
}

/** An estimate as the household's own scale corrects it: each edge of honey and wax times that edge of the factor. */
export function correctedEstimate(estimate: CombEstimate, factor: Range): CombEstimate {
  const by = (r: Range): Range => ({
    low: r.low * factor.low,
    mid: r.mid * factor.mid,
    high: r.high * factor.high,
  });
  return {
    ...estimate,
    honeyKg: by(estimate.honeyKg),
    cappedHoneyKg: by(estimate.cappedHoneyKg),
    openHoneyKg: by(estimate.openHoneyKg),
    waxKg: by(estimate.waxKg),
  };
}
