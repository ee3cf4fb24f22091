import type { CombEstimate } from '../comb/estimate.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';
import { hiveKind } from '../hive/kinds.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import { forecastWaterPercent, takenWaterPercent } from '../honey/takenWater.js';
import { freezeHours, USUAL_PIECE } from '../comb/cooling.js';
import {
  DRAIN_PRIORS,
  FRAME_PRIOR,
  nineTenthsAt,
  PRESSED_SHARE,
  settlingHours,
} from '../drain/index.js';
import type { JarKindRecord } from '../records/views.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Range } from '../units/format.js';
import {
  type Edge,
  exactly,
  inOrder,
  NO_RANGE,
  rangeOf,
  scaleRange,
  sumRanges,
} from '../units/ranges.js';
import type { ChoiceUnit } from './choiceUnits.js';
import { crushMethodOf } from './ways.js';
import { cutsComb, takesPots, type Way } from '../records/vocabulary/ways.js';

/**
 * Honey out as a share of the honey in the comb (SCIENCE 4): pressed after draining; press alone
 * lies between mashed and that, it has no figure of its own.
 */
const PRESS_ALONE: Range = { low: 0.85, mid: 0.92, high: 0.97 };
/**
 * A drained frame has no published share: from 'sliced and left' to 'pressed', until the
 * household's own runs say.
 */
const DRAINED_FRAME = FRAME_PRIOR.share;
/**
 * Pots emptied by suction: walls and corners hold some back. A starting range, own kilograms
 * replace it.
 */
const DRAWN_POTS: Range = { low: 0.7, mid: 0.85, high: 0.95 };
/**
 * Of the sealed area of a straight comb, what the knife makes into whole pieces; a starting range
 * until the comb is cut on paper.
 */
const CUT_SHARE: Range = { low: 0.6, mid: 0.75, high: 0.9 };
/** Comb in a chunk jar, of its net weight: about half is strip, the rest honey poured round it. */
const CHUNK_COMB = 0.5;

/** Prices and stocks the chooser reckons with, made once from kit and rules. */
export interface Market {
  /**
   * Per kg of liquid honey in jars, less what the empty jars cost; null where the kit holds no
   * jars.
   */
  honeyPerKg: number | null;
  jarG: number | null;
  piece: { netG: number; value: number; stock: number } | null;
  chunk: { netG: number; value: number; stock: number } | null;
  waxPerKg: number;
  /** Kilograms all jars in stock hold. */
  jarsKg: number | null;
}

/**
 * What a thing is worth to the household on average: sold at the price, given and eaten at what it
 * says these are worth.
 */
export function worthShare(
  rules: Pick<HouseRules, 'givenPercent' | 'givenWorthPercent' | 'ownPercent' | 'ownWorthPercent'>,
): number {
  const given = rules.givenPercent / 100;
  const own = Math.min(1 - given, rules.ownPercent / 100);
  return 1 - given - own + (given * rules.givenWorthPercent + own * rules.ownWorthPercent) / 100;
}

/**
 * Prices a kilogram by the jars in stock (all alike counted where none is), the boxes for pieces
 * and the chunk jars.
 */
export function marketOf(kinds: readonly JarKindRecord[], rules: HouseRules): Market {
  const share = worthShare(rules);
  const of = (purpose: JarKindRecord['purpose']): JarKindRecord[] =>
    kinds.filter((k) => k.purpose === purpose);
  const pooled = (list: JarKindRecord[]): { netG: number; value: number; stock: number } | null => {
    if (!list.length) return null;
    const stock = list.reduce((n, k) => n + k.stock, 0);
    const weight = (k: JarKindRecord): number => (stock > 0 ? k.stock / stock : 1 / list.length);
    return {
      stock,
      netG: list.reduce((g, k) => g + k.netG * weight(k), 0),
      value: list.reduce((v, k) => v + (k.value * share - k.cost) * weight(k), 0),
    };
  };
  const jars = pooled(of('jar'));
  return {
    honeyPerKg: jars && (jars.value / jars.netG) * 1000,
    jarG: jars && jars.netG,
    piece: pooled(of('piece')),
    chunk: pooled(of('chunk')),
    waxPerKg: rules.waxPerKg * share,
    jarsKg: jars && of('jar').reduce((kg, k) => kg + (k.netG * k.stock) / 1000, 0),
  };
}

/** What one unit gives by one way, as ranges. */
/** Clean wax after rendering as a share of the wax in the comb (SCIENCE 7). */
const CLEAN_WAX_SHARE: Range = { low: 0.5, mid: 0.65, high: 0.8 };

export interface Outcome {
  way: Way;
  /** Liquid honey, kg. */
  honeyKg: Range;
  /** Honey sold in the comb: pieces and strips, kg. */
  combKg: Range;
  pieces: Range;
  chunkJars: Range;
  cleanWaxG: Range;
  handsOnMinutes: Range;
  /** Hours until it can be packed: draining and settling, pressing, freezing. */
  elapsedHours: Range;
  worth: Range;
  /** Stores leave the hive with it, kg, low edge. */
  storesLowKg: number;
  /**
   * Room it needs, litres, at the high edge: comb in the tub, broken up, run out, in the freezer.
   */
  tubL: number;
  crushedL: number;
  outL: number;
  freezerL: number;
}

/** Share of the honey that comes out by a way; of the others the drain of broken comb says it. */
const OUT_SHARES: Partial<Record<Way, Range>> = {
  press: PRESS_ALONE,
  'drip-press': PRESSED_SHARE,
  'draw-pots': DRAWN_POTS,
  'drain-hive': DRAINED_FRAME,
  'drain-off': DRAINED_FRAME,
};
/** Hours until it is out, where the drain of broken comb does not say it. */
const DRAIN_HOURS: Partial<Record<Way, Range>> = {
  press: exactly(0.5),
  'draw-pots': exactly(0.5),
  'drain-hive': { low: 0.2, mid: 4, high: 12 },
  'drain-off': { low: 0.2, mid: 4, high: 12 },
};

const jarMinutes = (kg: number, market: Market, rules: HouseRules): number =>
  market.jarG ? Math.round((kg * 1000) / market.jarG) * rules.minutesPerJar : 0;

/**
 * What a unit would give by a way: honey out by the published shares, comb in pieces, chunk jars,
 * wax, minutes of hands, hours of waiting, worth by the household's own prices, and the room it
 * needs. Water is 18 % where nobody measured; the kitchen's temperature is the house rule's. Null
 * where nothing of it was read.
 */
export function outcomeOf(
  unit: Pick<ChoiceUnit, 'kind' | 'estimate' | 'wettestPercent' | 'storesKg' | 'combIds'>,
  way: Way,
  rules: HouseRules,
  market: Market,
): Outcome | null {
  const { estimate } = unit;
  if (!estimate) return null;
  const bench = benchOf(unit, way, rules);
  const sold = combSold(estimate, way, market, bench);
  // More comb sold as comb leaves less to run out: the edges of what runs are put in order.
  const honeyKg = inOrder(
    rangeOf((e) =>
      Math.max(0, (bench.inside[e] - sold.combKg[e]) * bench.outShare[e] - sold.pouredKg[e]),
    ),
  );
  const cleanWaxG = waxOf(estimate, sold.combKg, bench);
  return {
    way,
    honeyKg,
    combKg: sold.combKg,
    pieces: sold.pieces,
    chunkJars: sold.chunkJars,
    cleanWaxG,
    handsOnMinutes: handsOf(unit, way, { honeyKg, ...sold }, rules, market),
    elapsedHours: elapsedOf(way, rules, bench),
    worth: worthOf({ honeyKg, cleanWaxG, ...sold }, market),
    // What is drawn off or run out takes the sealed honey only; the open stays with them.
    storesLowKg: takesSealedOnly(way)
      ? Math.min(unit.storesKg.low, estimate.cappedHoneyKg.low)
      : unit.storesKg.low,
    ...roomOf(estimate, way, rules, { honeyKg, combKg: sold.combKg }, bench),
  };
}

const takesSealedOnly = (way: Way): boolean => takesPots(way) || way === 'drain-hive';
const emptiesInPlace = (way: Way): boolean =>
  way === 'drain-hive' || way === 'drain-off' || way === 'draw-pots';
const presses = (way: Way): boolean => way === 'press' || way === 'drip-press';

/** What the bench works with: how comb is broken up, its water, and how much honey comes out. */
interface Bench {
  method: CrushMethod;
  moisturePercent: number;
  /** Honey that the way goes for, kg. */
  inside: Range;
  /** Of it what comes out, and what a drain of broken comb alone would give. */
  outShare: Range;
  drained: Range;
  inPlace: boolean;
}

function benchOf(
  unit: Pick<ChoiceUnit, 'kind' | 'estimate' | 'wettestPercent'>,
  way: Way,
  rules: HouseRules,
): Bench {
  const { cappedHoneyKg, honeyKg } = unit.estimate!;
  const method = crushMethodOf(way, rules, unit.kind);
  const drained = DRAIN_PRIORS[method].share;
  const water = unit.wettestPercent ?? takenWaterPercent(hiveKind(unit.kind).bee);
  return {
    method,
    moisturePercent: forecastWaterPercent(water),
    inside: takesSealedOnly(way) ? cappedHoneyKg : honeyKg,
    outShare: OUT_SHARES[way] ?? drained,
    drained,
    inPlace: emptiesInPlace(way),
  };
}

/** What is sold as comb: its mass, the pieces, the chunk jars, and the honey poured round strips. */
interface CombSold {
  combKg: Range;
  pieces: Range;
  chunkJars: Range;
  pouredKg: Range;
}
const NO_COMB: CombSold = {
  combKg: NO_RANGE,
  pieces: NO_RANGE,
  chunkJars: NO_RANGE,
  pouredKg: NO_RANGE,
};
function combSold(estimate: CombEstimate, way: Way, market: Market, bench: Bench): CombSold {
  const cuttable = (e: Edge): number => estimate.cappedHoneyKg[e] * CUT_SHARE[e];
  if (way === 'cut' && market.piece) {
    const netKg = market.piece.netG / 1000;
    const pieces = rangeOf((e) => Math.floor(cuttable(e) / netKg));
    return { ...NO_COMB, pieces, combKg: scaleRange(pieces, netKg) };
  }
  if (way !== 'chunk' || !market.chunk) return NO_COMB;
  // Strips only as far as the rest of the comb gives honey to pour round them.
  const netKg = market.chunk.netG / 1000;
  const { inside, drained } = bench;
  const strips = (e: Edge): number =>
    Math.min(cuttable(e), (inside[e] * drained[e]) / ((1 - CHUNK_COMB) / CHUNK_COMB + drained[e]));
  const chunkJars = rangeOf((e) => Math.floor(strips(e) / CHUNK_COMB / netKg));
  return {
    ...NO_COMB,
    chunkJars,
    combKg: scaleRange(chunkJars, netKg * CHUNK_COMB),
    pouredKg: scaleRange(chunkJars, netKg * (1 - CHUNK_COMB)),
  };
}

/** Clean wax, grams: of the comb that is neither sold nor left in place. */
function waxOf(estimate: CombEstimate, combKg: Range, { inPlace }: Bench): Range {
  if (inPlace) return NO_RANGE;
  const melted = (e: Edge): number =>
    1 - (estimate.honeyKg[e] > 0 ? combKg[e] / estimate.honeyKg[e] : 0);
  return inOrder(rangeOf((e) => estimate.waxKg[e] * CLEAN_WAX_SHARE[e] * melted(e) * 1000));
}

/** Of the household's own minutes a comb, what it takes on a good and on a bad day. */
const TAKING_SPREAD: Record<Edge, number> = { low: 0.75, mid: 1, high: 1.5 };
/** Minutes a comb at the bench, broken up and cleaned up after. A starting value. */
const BENCH_MINUTES_A_COMB = 5;

function handsOf(
  unit: Pick<ChoiceUnit, 'combIds'>,
  way: Way,
  made: Pick<CombSold, 'pieces' | 'chunkJars'> & { honeyKg: Range },
  rules: HouseRules,
  market: Market,
): Range {
  const combs = unit.combIds.length;
  const pressing = presses(way) ? rules.minutesPerPressing / Math.max(1, combs) : 0;
  const bench = emptiesInPlace(way) ? 0 : combs * BENCH_MINUTES_A_COMB + pressing;
  return rangeOf(
    (e) =>
      combs * rules.minutesPerComb * TAKING_SPREAD[e] +
      bench +
      made.pieces[e] * rules.minutesPerPiece +
      made.chunkJars[e] * (rules.minutesPerPiece + rules.minutesPerJar) +
      jarMinutes(made.honeyKg[e], market, rules),
  );
}

/** Honey in a settling vessel stands about so deep, mm. */
const SETTLING_DEPTH_MM = 150;
/** Hours until it can be packed: draining and settling, and freezing beside it. */
function elapsedOf(way: Way, rules: HouseRules, { method, moisturePercent }: Bench): Range {
  const temperatureC = rules.kitchenTemperatureC;
  const drain = DRAIN_HOURS[way] ?? nineTenthsAt(method, temperatureC, moisturePercent);
  const settle = settlingHours({ depthMm: SETTLING_DEPTH_MM, temperatureC, moisturePercent });
  if (!cutsComb(way)) return sumRanges([drain, settle]);
  const freeze =
    rules.freeze === 'none'
      ? NO_RANGE
      : freezeHours({
          packing: 'piece',
          ...USUAL_PIECE,
          startC: temperatureC,
          freezerC: rules.freezerTemperatureC,
        });
  return rangeOf((e) => Math.max(freeze[e], drain[e] + settle[e]));
}

function worthOf(
  made: Pick<CombSold, 'pieces' | 'chunkJars'> & { honeyKg: Range; cleanWaxG: Range },
  market: Market,
): Range {
  return rangeOf(
    (e) =>
      made.honeyKg[e] * (market.honeyPerKg ?? 0) +
      made.pieces[e] * (market.piece?.value ?? 0) +
      made.chunkJars[e] * (market.chunk?.value ?? 0) +
      (made.cleanWaxG[e] / 1000) * market.waxPerKg,
  );
}

/** Whole comb fills a tub loosely: honey over the low packing. */
const TUB_PACKING = 0.85;
/** Comb in a freezer: what of its room is comb. A starting value. */
const FREEZER_PACKING = 0.6;
/** Kilograms a litre of wax. */
const WAX_KG_PER_L = 0.96;
function roomOf(
  estimate: CombEstimate,
  way: Way,
  rules: HouseRules,
  { honeyKg, combKg }: { honeyKg: Range; combKg: Range },
  { inside, inPlace, moisturePercent }: Bench,
): Pick<Outcome, 'tubL' | 'crushedL' | 'outL' | 'freezerL'> {
  const density = honeyDensityKgPerL(moisturePercent);
  const wholeL = inside.high / density;
  const toCrush = Math.max(0, 1 - (inside.high > 0 ? combKg.low / inside.high : 0));
  const frozenL = rules.freeze === 'whole' ? wholeL : combKg.high / density;
  return {
    tubL: inPlace ? 0 : wholeL / TUB_PACKING,
    // Crushed it closes up to honey plus wax.
    crushedL: inPlace ? 0 : (wholeL + estimate.waxKg.high / WAX_KG_PER_L) * toCrush,
    outL: honeyKg.high / density,
    freezerL: cutsComb(way) && rules.freeze !== 'none' ? frozenL / FREEZER_PACKING : 0,
  };
}
