import { between } from '../units/between.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import type { CombAge } from '../records/vocabulary/comb.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import type { Range } from '../units/format.js';
import { type Edge, NO_RANGE, rangeOf } from '../units/ranges.js';

/**
 * How the shares of a side were got: looked at, painted cell by cell, read from a photo, or
 * counted.
 */
export const READ_BY = ['eye', 'photo', 'painted', 'counted'] as const;
export type ReadBy = (typeof READ_BY)[number];
export interface CombSide {
  areaCm2: number;
  shares: Shares;
  /** Left out, the shares are taken as they stand, without an error of reading. */
  readBy?: ReadBy;
}
export interface CombInput {
  sides: CombSide[];
  thicknessMm: number;
  moisturePercent?: number;
  combAge: CombAge;
  /** Hive kind whose comb it is; left out, natural comb. Pots are counted, so not 'stingless'. */
  kind?: string;
}
export interface CombEstimate {
  honeyKg: Range;
  cappedHoneyKg: Range;
  openHoneyKg: Range;
  waxKg: Range;
  cappedShareOfHoney: number;
}

/** What the bees were given to build on decides how much of a comb's volume can be honey. */
interface CombMake {
  /** Thickness in mm that holds nothing, between the two faces. */
  midGapMm: Range;
  /** Honey volume over comb volume of sealed comb, its mid gap left out. */
  packing: Range;
  /** Part of the outline that comb covers when it covers least. */
  coveredLow: number;
  /** Whether the cell walls are wax; plastic ones leave wax in the caps alone. */
  waxWalls: boolean;
}
/** Natural comb. Packing (SCIENCE 7): ragged, usual, well packed. */
const NATURAL: CombMake = {
  midGapMm: NO_RANGE,
  packing: { low: 0.85, mid: 0.92, high: 0.95 },
  coveredLow: 1,
  waxWalls: true,
};
/**
 * Comb in a wooden frame: its outline leaves the middle edge gap out already; where the bees left
 * half as much again on three sides, a twelfth of the face is missing. A starting range, checked
 * against SCIENCE 13 (what full frames usually give).
 */
const IN_A_FRAME: CombMake = { ...NATURAL, coveredLow: 0.92 };
/**
 * A split-cell frame: plastic walls, a gap between its halves where they slide, cells not drawn out
 * to the rim. Starting ranges, chosen so that a full one of default measures holds 2 to 3.2 kg
 * (SCIENCE 9, 13).
 */
const SPLIT_CELL: CombMake = {
  midGapMm: { low: 9, mid: 8, high: 7 },
  packing: { low: 0.55, mid: 0.68, high: 0.79 },
  coveredLow: 1,
  waxWalls: false,
};
const MAKE_OF_KIND: Readonly<Record<string, CombMake>> = {
  framed: IN_A_FRAME,
  'cut-comb': IN_A_FRAME,
  'drain-frame': SPLIT_CELL,
};

/**
 * How full an open cell is, and the water of what is in it (thin nectar is light, so it goes with
 * the low end).
 */
const OPEN_FILLED: Range = { low: 0.3, mid: 0.65, high: 0.95 };
const OPEN_WATER: Range = { low: 40, mid: 25, high: 18 };
/**
 * Water of sealed honey where nobody measured: 18 %, between the 16 and 20 that ripe honey spans.
 */
const SEALED_WATER: Range = { low: 20, mid: 18, high: 16 };
/**
 * Wax as a share of new sealed comb (SCIENCE 7). Cocoons of brood hold wax back: its middle is the
 * low share, its low end half of it (lowest clean yield).
 */
const SEALED_WAX_SHARE: Record<CombAge, Range> = {
  new: { low: 0.04, mid: 0.05, high: 0.06 },
  used: { low: 0.04, mid: 0.05, high: 0.06 },
  'brood-used': { low: 0.02, mid: 0.04, high: 0.06 },
};
/**
 * Wax of comb without caps, grams a square decimetre of both sides: 822 cells of 5.3 mm at 77,000
 * to 70,000 a kilogram (SCIENCE 13); the high end is comb of smaller cells.
 */
const BARE_WAX_G_PER_DM2: Range = { low: 10.7, mid: 11.5, high: 12.5 };
/** Part of that which can be had from brood-used comb, as for sealed comb. */
const BROOD_USED_WAX: Range = { low: 0.5, mid: 0.8, high: 1 };
/**
 * Wax of the caps alone, grams a square decimetre of one side: sealed comb of 25 mm less bare comb
 * (SCIENCE 7, 13).
 */
const CAPS_G_PER_DM2: Range = { low: 1.1, mid: 2.9, high: 4.8 };
/**
 * Half width of a 90 % range on a share of a side, by how it was read. By eye 5 to 15 points (the
 * middle taken); a photo's own error table is in docs/reading-a-comb.md; painting and counting are
 * starting values.
 */
export const READING_ERROR: Record<ReadBy, number> = {
  eye: 0.1,
  photo: 0.06,
  painted: 0.04,
  counted: 0.01,
};

/** Honey in a square centimetre of one side, kg, sealed and open. */
function kgPerCm2(make: CombMake, thicknessMm: number, moisturePercent: number | undefined) {
  const litres = (edge: Edge): number =>
    Math.max(0, thicknessMm - make.midGapMm[edge]) / 2 / 10 / 1000;
  return {
    sealed: rangeOf(
      (e) => litres(e) * make.packing[e] * honeyDensityKgPerL(moisturePercent ?? SEALED_WATER[e]),
    ),
    open: rangeOf(
      (e) => litres(e) * make.packing[e] * OPEN_FILLED[e] * honeyDensityKgPerL(OPEN_WATER[e]),
    ),
  };
}

/**
 * How far the reading of the sides may be off, in cm² of one content either way: the sides are read
 * one by one, so their errors add as squares. A band that is not there has none, and no side holds
 * more than all of itself.
 */
function readingError(
  sides: readonly CombSide[],
  shareOf: (shares: Shares) => number,
  roomFor: (shares: Shares) => number,
): { down: number; up: number } {
  const sum = (of: (side: CombSide, error: number) => number): number =>
    Math.hypot(
      ...sides.map((side) =>
        side.readBy === undefined ? 0 : of(side, READING_ERROR[side.readBy]) * side.areaCm2,
      ),
    );
  return {
    down: sum(({ shares }, error) => Math.min(error, shareOf(shares))),
    up: sum(({ shares }, error) => (shareOf(shares) > 0 ? between(0, error, roomFor(shares)) : 0)),
  };
}

/**
 * A range with an error that has nothing to do with it: distances from the middle add as squares.
 */
const widened = (range: Range, downBy: number, upBy: number): Range => ({
  low: Math.max(0, range.mid - Math.hypot(range.mid - range.low, downBy)),
  mid: range.mid,
  high: range.mid + Math.hypot(range.high - range.mid, upBy),
});

/**
 * Wax of a comb, kg: bare comb everywhere, the published share of sealed comb where there are caps.
 */
function waxOf(input: {
  make: CombMake;
  combAge: CombAge;
  sealedKgPerCm2: number;
  wholeCm2: number;
  cappedCm2: Range;
}): Range {
  const { make, combAge, sealedKgPerCm2, wholeCm2, cappedCm2 } = input;
  return rangeOf((e) => {
    const capped = Math.min(wholeCm2, cappedCm2[e]);
    if (!make.waxWalls) return (capped / 100) * (CAPS_G_PER_DM2[e] / 1000);
    const used = combAge === 'brood-used' ? BROOD_USED_WAX[e] : 1;
    // A square decimetre of comb has two sides.
    const bareKgPerCm2 = (BARE_WAX_G_PER_DM2[e] * used) / 1000 / 200;
    const share = SEALED_WAX_SHARE[combAge][e];
    const sealedWaxKgPerCm2 = Math.max(bareKgPerCm2, (sealedKgPerCm2 * share) / (1 - share));
    return (wholeCm2 - capped) * bareKgPerCm2 + capped * sealedWaxKgPerCm2;
  });
}

/**
 * Honey and wax of one comb, as ranges in kg. Takes one or two seen sides (area in cm², shares that
 * add up to 1, how they were read), the thickness of the sealed comb in mm (each side is half of
 * it), the water of its sealed honey if measured, its age and the hive kind it is of. One side
 * given means the other was not seen: middle as the seen one, low end as if it were bare, high end
 * as if it were sealed to the edge. Open honey is raw mass. Source: SCIENCE 7 (filled volume x
 * packing x density), 9 and 13.
 *
 * @example
 * const shares = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
 * const sides = [{ areaCm2: 600, shares }];
 * combEstimate({ sides, thicknessMm: 28, combAge: 'new' }).honeyKg.mid; // 2.19
 */
export function combEstimate(input: CombInput): CombEstimate {
  const { sides, thicknessMm, moisturePercent, combAge } = input;
  const make = MAKE_OF_KIND[input.kind ?? ''] ?? NATURAL;
  const { sealed, open } = kgPerCm2(make, thicknessMm, moisturePercent);
  const areaOf = (shareOf: (shares: Shares) => number): number =>
    sides.reduce((sum, side) => sum + side.areaCm2 * shareOf(side.shares), 0);
  const areaCm2 = areaOf(() => 1);
  const cappedCm2 = areaOf((s) => s.capped);
  const openCm2 = areaOf((s) => s.open);
  const unseen = sides.length === 1;
  const unseenCm2 = unseen ? areaCm2 : 0;
  // The middle of an unseen side is the seen one's, so what that was misread by counts twice.
  const faces = unseen ? 2 : 1;

  const seenToWhole = (cm2: number, kg: Range): Range => ({
    low: cm2 * kg.low * make.coveredLow,
    mid: cm2 * kg.mid * faces,
    high: (cm2 + unseenCm2) * kg.high,
  });
  const asRead = (
    range: Range,
    kgPerCm2: number,
    shareOf: (shares: Shares) => number,
    roomFor: (shares: Shares) => number,
  ): Range => {
    const error = readingError(sides, shareOf, roomFor);
    return widened(range, error.down * kgPerCm2 * faces, error.up * kgPerCm2 * faces);
  };
  const room = (s: Shares): number => 1 - s.capped - s.open;
  const cappedHoneyKg = asRead(
    seenToWhole(cappedCm2, sealed),
    sealed.mid,
    (s) => s.capped,
    (s) => 1 - s.capped,
  );
  const openHoneyKg = asRead(
    seenToWhole(openCm2, open),
    open.mid,
    (s) => s.open,
    (s) => 1 - s.open,
  );
  // An unseen side holds capped or open honey, not both to the edge: the heavier of the two bounds
  // the sum.
  const unseenHighKg = unseenCm2 * Math.max(sealed.high, open.high);
  const plainHoneyKg: Range = {
    low: (cappedCm2 * sealed.low + openCm2 * open.low) * make.coveredLow,
    mid: cappedHoneyKg.mid + openHoneyKg.mid,
    high: cappedCm2 * sealed.high + openCm2 * open.high + unseenHighKg,
  };
  const honeyKg = asRead(plainHoneyKg, sealed.mid, (s) => s.capped + s.open, room);
  const fullKg = (areaCm2 + unseenCm2) * Math.max(sealed.high, open.high);
  const honeyCm2 = cappedCm2 + openCm2;
  return {
    honeyKg: { ...honeyKg, high: Math.min(fullKg, honeyKg.high) },
    cappedHoneyKg: { ...cappedHoneyKg, high: Math.min(fullKg, cappedHoneyKg.high) },
    openHoneyKg: { ...openHoneyKg, high: Math.min(fullKg, openHoneyKg.high) },
    waxKg: waxOf({
      make,
      combAge,
      sealedKgPerCm2: sealed.mid,
      wholeCm2: areaCm2 + unseenCm2,
      cappedCm2: { low: cappedCm2, mid: cappedCm2 * faces, high: cappedCm2 + unseenCm2 },
    }),
    cappedShareOfHoney: honeyCm2 > 0 ? cappedCm2 / honeyCm2 : 0,
  };
}

/**
 * An estimate as the household's own scale corrects it: each edge of honey and wax times that edge
 * of the factor.
 */
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
