import { hiveKind } from '../hive/kinds.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import { takenWaterPercent } from '../honey/takenWater.js';
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
import type { ChoiceUnit } from './units.js';
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
  const method = crushMethodOf(way, rules, unit.kind);
  const moisture = Math.min(
    25,
    Math.max(13, unit.wettestPercent ?? takenWaterPercent(hiveKind(unit.kind).bee)),
  );
  const drained = DRAIN_PRIORS[method].share;
  const outShare = OUT_SHARES[way] ?? drained;
  const inside = takesPots(way) || way === 'drain-hive' ? estimate.cappedHoneyKg : estimate.honeyKg;
  let combKg = NO_RANGE;
  let pieces = NO_RANGE;
  let chunkJars = NO_RANGE;
  if (way === 'cut' && market.piece) {
    const netKg = market.piece.netG / 1000;
    pieces = rangeOf((e) => Math.floor((estimate.cappedHoneyKg[e] * CUT_SHARE[e]) / netKg));
    combKg = scaleRange(pieces, netKg);
  }
  if (way === 'chunk' && market.chunk) {
    // Strips only as far as the rest of the comb gives honey to pour round them.
    const netKg = market.chunk.netG / 1000;
    const strips = (e: Edge): number =>
      Math.min(
        estimate.cappedHoneyKg[e] * CUT_SHARE[e],
        (inside[e] * drained[e]) / ((1 - CHUNK_COMB) / CHUNK_COMB + drained[e]),
      );
    chunkJars = rangeOf((e) => Math.floor(strips(e) / CHUNK_COMB / netKg));
    combKg = scaleRange(chunkJars, netKg * CHUNK_COMB);
  }
  const poured = scaleRange(chunkJars, ((market.chunk?.netG ?? 0) / 1000) * (1 - CHUNK_COMB));
  // More comb sold as comb leaves less to run out: the edges of what runs are put in order.
  const honeyKg = inOrder(
    rangeOf((e) => Math.max(0, (inside[e] - combKg[e]) * outShare[e] - poured[e])),
  );
  const meltedShare = rangeOf(
    (e) => 1 - (estimate.honeyKg[e] > 0 ? combKg[e] / estimate.honeyKg[e] : 0),
  );
  const inPlace = way === 'drain-hive' || way === 'drain-off' || way === 'draw-pots';
  const cleanWaxG = inPlace
    ? NO_RANGE
    : inOrder(rangeOf((e) => estimate.waxKg[e] * CLEAN_WAX_SHARE[e] * meltedShare[e] * 1000));
  const presses = way === 'press' || way === 'drip-press';
  const combs = unit.combIds.length;
  const handsOnMinutes = rangeOf((e) => {
    const take = combs * rules.minutesPerComb * { low: 0.75, mid: 1, high: 1.5 }[e];
    const bench = inPlace
      ? 0
      : combs * 5 + (presses ? rules.minutesPerPressing / Math.max(1, combs) : 0);
    return (
      take +
      bench +
      pieces[e] * rules.minutesPerPiece +
      chunkJars[e] * (rules.minutesPerPiece + rules.minutesPerJar) +
      jarMinutes(honeyKg[e], market, rules)
    );
  });
  const settle = settlingHours({
    depthMm: 150,
    temperatureC: rules.kitchenTemperatureC,
    moisturePercent: moisture,
  });
  const drain = DRAIN_HOURS[way] ?? nineTenthsAt(method, rules.kitchenTemperatureC, moisture);
  const freeze =
    cutsComb(way) && rules.freeze !== 'none'
      ? freezeHours({
          packing: 'piece',
          ...USUAL_PIECE,
          startC: rules.kitchenTemperatureC,
          freezerC: rules.freezerTemperatureC,
        })
      : NO_RANGE;
  const elapsedHours = cutsComb(way)
    ? rangeOf((e) => Math.max(freeze[e], drain[e] + settle[e]))
    : sumRanges([drain, settle]);
  const worth = rangeOf(
    (e) =>
      honeyKg[e] * (market.honeyPerKg ?? 0) +
      pieces[e] * (market.piece?.value ?? 0) +
      chunkJars[e] * (market.chunk?.value ?? 0) +
      (cleanWaxG[e] / 1000) * market.waxPerKg,
  );
  const density = honeyDensityKgPerL(moisture);
  const wholeL = inside.high / density;
  const toCrush = Math.max(0, 1 - (inside.high > 0 ? combKg.low / inside.high : 0));
  return {
    way,
    honeyKg,
    combKg,
    pieces,
    chunkJars,
    cleanWaxG,
    handsOnMinutes,
    elapsedHours,
    worth,
    // What is drawn off or run out takes the sealed honey only; the open stays with them.
    storesLowKg:
      takesPots(way) || way === 'drain-hive'
        ? Math.min(unit.storesKg.low, estimate.cappedHoneyKg.low)
        : unit.storesKg.low,
    // Whole comb fills a tub loosely: honey over the low packing of 0.85; crushed it closes up to
    // honey plus wax.
    tubL: inPlace ? 0 : wholeL / 0.85,
    crushedL: inPlace ? 0 : (wholeL + estimate.waxKg.high / 0.96) * toCrush,
    outL: honeyKg.high / density,
    freezerL:
      cutsComb(way) && rules.freeze !== 'none'
        ? (rules.freeze === 'whole' ? wholeL : combKg.high / density) / 0.6
        : 0,
  };
}
