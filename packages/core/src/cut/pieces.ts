import type { Say } from '../say/say.js';
import { cutSay } from './says.js';
import { combEstimate } from '../comb/estimate.js';
import { netVolumeMl } from '../jar/index.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import type { JarKindRecord } from '../records/views.js';
import type { Range } from '../units/format.js';
import { rangeOf, scaleRange, sumRanges } from '../units/ranges.js';
import type { PieceWanted } from './cutPlan.js';
import type { PieceShape } from '../records/vocabulary/pieces.js';

export const SHAPE_WORDS: Record<PieceShape, Say> = {
  rectangle: cutSay('cut.pieces.rectangle'),
  round: cutSay('cut.pieces.round'),
  wedge: cutSay('cut.pieces.wedge'),
};
/** Share of its bounding box that a shape fills. */
const FILLS: Record<PieceShape, number> = { rectangle: 1, round: Math.PI / 4, wedge: 0.5 };

/** A kind of the kit that takes comb, with its inner measures. */
export type CombBox = JarKindRecord & { widthMm: number; heightMm: number };
/** Kinds that comb can be cut for: those whose inner measures are known. */
export const combBoxes = (kinds: readonly JarKindRecord[]): CombBox[] =>
  kinds.filter(
    (k): k is CombBox => k.purpose !== 'jar' && k.widthMm !== null && k.heightMm !== null,
  );

/**
 * What a piece of sealed comb weighs, grams, as a range: its area on both sides, its thickness,
 * honey and wax of new comb (SCIENCE 7). Takes mm of its bounding box; a round fills π/4 of it, a
 * wedge half.
 */
export function pieceG(input: {
  widthMm: number;
  heightMm: number;
  shape: PieceShape;
  thicknessMm: number;
  moisturePercent?: number;
}): Range {
  const areaCm2 = (input.widthMm * input.heightMm * FILLS[input.shape]) / 100;
  const capped = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
  const estimate = combEstimate({
    sides: [
      { areaCm2, shares: capped },
      { areaCm2, shares: capped },
    ],
    thicknessMm: input.thicknessMm,
    moisturePercent: input.moisturePercent,
    combAge: 'new',
  });
  return scaleRange(sumRanges([estimate.honeyKg, estimate.waxKg]), 1000);
}

/**
 * A box closes over comb up to its depth; under three quarters of it the piece looks lost in it. A
 * starting value.
 */
const LOW_IN_BOX = 0.75;
export type BoxFit = 'fits' | 'too-thick' | 'low' | 'unknown';
/**
 * Whether comb of a thickness fills its box: mm, inner depth of the box; unknown where that was
 * never measured.
 */
export function boxFit(thicknessMm: number, depthMm: number | null): BoxFit {
  if (depthMm === null) return 'unknown';
  if (thicknessMm > depthMm) return 'too-thick';
  return thicknessMm < depthMm * LOW_IN_BOX ? 'low' : 'fits';
}

/**
 * The piece a kind of box asks of the comb: as many as are in stock, worth its price less the empty
 * box. Of a chunk jar the strip is worth its share of the net weight: the rest of the price is for
 * the honey poured round it.
 */
export function pieceWanted(
  box: CombBox,
  stock: number,
  mayTurn: boolean,
  thicknessMm: number,
): PieceWanted {
  const stripShare =
    box.purpose === 'chunk'
      ? Math.min(
          1,
          pieceG({ widthMm: box.widthMm, heightMm: box.heightMm, shape: box.shape, thicknessMm })
            .mid / box.netG,
        )
      : 1;
  return {
    id: box.id,
    widthMm: box.widthMm,
    heightMm: box.heightMm,
    value: Math.round(Math.max(0, box.value - box.cost) * stripShare * 100) / 100,
    mayTurn,
    limit: Math.max(0, stock),
  };
}

/** Density of comb without the air: honey with 5 % of wax (0.96 kg/L) by mass. */
function combDensityKgPerL(moisturePercent: number): number {
  return 1 / (0.95 / honeyDensityKgPerL(moisturePercent) + 0.05 / 0.96);
}
/**
 * Air that stays under the caps and in a torn edge: none to 8 % of the strip's volume, as its
 * packing says (SCIENCE 7).
 */
const AIR: Range = { low: 0, mid: 0.05, high: 0.08 };

export interface ChunkJar {
  stripMl: Range;
  honeyG: Range;
  netG: Range;
  combShare: number;
}

/**
 * Honey to pour round a strip in a jar that holds `jarNetG` of honey alone. The strip displaces its
 * own volume: as measured in millilitres where somebody did, else from its weight. Grams; a
 * strip too large for its jar leaves no room, 0 g.
 */
export function chunkJar(input: {
  jarNetG: number;
  stripG: number;
  stripMl: number | null;
  moisturePercent: number;
}): ChunkJar {
  const { jarNetG, stripG, moisturePercent } = input;
  const density = honeyDensityKgPerL(moisturePercent);
  const jarMl = netVolumeMl(jarNetG, moisturePercent);
  const stripMl =
    input.stripMl !== null
      ? rangeOf(() => input.stripMl!)
      : rangeOf((e) => stripG / combDensityKgPerL(moisturePercent) / (1 - AIR[e]));
  const honeyG = {
    low: Math.max(0, (jarMl - stripMl.high) * density),
    mid: Math.max(0, (jarMl - stripMl.mid) * density),
    high: Math.max(0, (jarMl - stripMl.low) * density),
  };
  return {
    stripMl,
    honeyG,
    netG: rangeOf((e) => honeyG[e] + stripG),
    combShare: stripG / (honeyG.mid + stripG),
  };
}

/**
 * How many chunk jars the strips, the jars in stock and the liquid honey give, and which of them
 * runs out first.
 */
export function chunkJars(input: {
  strips: number;
  jars: number;
  honeyG: number;
  honeyPerJarG: number;
}): { count: number; runsOut: 'strips' | 'jars' | 'honey' } {
  const byHoney = input.honeyPerJarG > 0 ? Math.floor(input.honeyG / input.honeyPerJarG) : Infinity;
  const count = Math.min(input.strips, input.jars, byHoney);
  if (count === input.strips) return { count, runsOut: 'strips' };
  return { count, runsOut: count === input.jars ? 'jars' : 'honey' };
}
