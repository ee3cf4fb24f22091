import type { Range } from '../units/format.js';
import type { CombOrLiquidInput } from './combOrLiquidSchema.js';
import { seededRandom, triangular } from '../units/seeded.js';

export interface Spread {
  mean: number;
  low: number;
  mid: number;
  high: number;
}
export interface CombOrLiquid {
  /** Money over all boxes: nine of ten years lie between low and high. */
  comb: Spread;
  liquid: Spread;
  combPerHour: Spread;
  liquidPerHour: Spread;
  /** Share of the draws in which comb brings more. */
  combWins: number;
  /** Price of a piece at which both bring the same on average; null where no price would do. */
  breakEvenPrice: number | null;
  /**
   * Pieces a box that have to come out whole for that, at the price there is; null where even a
   * full box does not.
   */
  breakEvenPieces: number | null;
  /** Both on one axis: the left edge of each bin, and how many draws fell into it. */
  bins: { from: number; comb: number; liquid: number }[];
  pieces: Spread;
  /**
   * Whole pieces that a super gives on the average of many, 80 of 100: as wide as the counts behind
   * it are few.
   */
  piecesASuper: Range;
  kg: Spread;
  monthsToSell: { comb: number | null; liquid: number | null };
  /** How the chances were got: each share of the history with one of every kind added. */
  chances: { finished: number; half: number; spoilt: number };
}

const BINS = 40;
/**
 * Pieces of a half-finished super that come out whole, and of a finished one that crack or weep:
 * starting ranges, the household's history speaks through the counts.
 */
const HALF = { low: 0.25, mid: 0.45, high: 0.6 };
const CRACKED = { low: 0, mid: 0.04, high: 0.12 };
const meanOf = (t: { low: number; mid: number; high: number }): number =>
  (t.low + t.mid + t.high) / 3;
const WHOLE_SHARE = 1 - meanOf(CRACKED);
const HALF_SHARE = meanOf(HALF);
type SuperState = 'finished' | 'half' | 'spoilt';
/** Which share of a super's pieces can be cut, drawn by its state. */
const SHARE_CUT: Record<SuperState, (next: () => number) => number> = {
  finished: (next) => 1 - triangular(next, CRACKED),
  half: (next) => triangular(next, HALF),
  spoilt: () => 0,
};
/** The state that a draw falls on; `g` are the weights of the three. */
function stateAt(u: number, g: readonly number[]): SuperState {
  if (u < g[0]) return 'finished';
  return u < g[0] + g[1] ? 'half' : 'spoilt';
}

/** Honey in a half or spoilt super against a full one: still good for crushing. */
const HALF_HONEY = { low: 0.4, mid: 0.6, high: 0.8 };

/** The value below which a share of the draws lies. Takes them in order. */
const quantile = (sorted: Float64Array, p: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))];

function spread(values: Float64Array): Spread {
  const sorted = values.slice().sort();
  const at = (p: number): number => quantile(sorted, p);
  return {
    mean: values.reduce((a, b) => a + b, 0) / values.length,
    low: at(0.05),
    mid: at(0.5),
    high: at(0.95),
  };
}

/** Where eight of ten draws lie, with the middle one. */
function eightOfTen(values: Float64Array): Range {
  const sorted = values.slice().sort();
  return {
    low: quantile(sorted, 0.1),
    mid: quantile(sorted, 0.5),
    high: quantile(sorted, 0.9),
  };
}

/** A gamma draw of whole shape: the sum of so many waits. */
function gamma(next: () => number, shape: number): number {
  let product = 1;
  let sum = 0;
  for (let i = 0; i < shape; i++) {
    product *= 1 - next();
    if (product < 1e-200) {
      sum -= Math.log(product);
      product = 1;
    }
  }
  return sum - Math.log(product);
}

/**
 * The same supers as comb honey or crushed, drawn many times: how many finish, what cracks, what
 * honey they hold, hours. Chances come from the household's own counts with one of each kind added
 * (nothing known: one third each), and are themselves drawn, so that few supers give a wide answer.
 * Takes what its schema has let through.
 * Pieces × price less packs, the rest crushed; against kg × price less jars. The same seed gives
 * the same numbers. `onProgress` hears 0 to 1.
 */
export function combOrLiquid(
  input: CombOrLiquidInput,
  onProgress?: (share: number) => void,
): CombOrLiquid {
  const { boxes, draws, history } = input;
  const next = seededRandom(input.seed);
  const made = (): Float64Array => new Float64Array(draws);
  const [comb, liquid, combHour, liquidHour, pieces, kg, atZero, aSuper] = [
    made(),
    made(),
    made(),
    made(),
    made(),
    made(),
    made(),
    made(),
  ];
  const perKg = input.honeyPerKg - input.jarCostPerKg;
  for (let d = 0; d < draws; d++) {
    if (onProgress && d % 2000 === 0) onProgress(d / draws);
    const g = [
      gamma(next, history.finished + 1),
      gamma(next, history.half + 1),
      gamma(next, history.spoilt + 1),
    ];
    const total = g[0] + g[1] + g[2];
    aSuper[d] = input.piecesPerBox * ((g[0] * WHOLE_SHARE + g[1] * HALF_SHARE) / total);
    let piecesHere = 0;
    let combLiquidKg = 0;
    let liquidKg = 0;
    let hoursComb = 0;
    let hoursLiquid = 0;
    for (let b = 0; b < boxes; b++) {
      const full = triangular(next, input.honeyKg);
      const out = triangular(next, input.outShare);
      const u = next() * total;
      const state = stateAt(u, g);
      const honey = state === 'finished' ? full : full * triangular(next, HALF_HONEY);
      const could = input.piecesPerBox * SHARE_CUT[state](next);
      const cut = Math.min(Math.floor(could), Math.floor((honey * 1000) / input.pieceG));
      piecesHere += cut;
      combLiquidKg += Math.max(0, honey - (cut * input.pieceG) / 1000) * out;
      // The same bees fill the same super, whatever is made of it.
      liquidKg += honey * out;
      hoursComb += triangular(next, input.combHours);
      hoursLiquid += triangular(next, input.liquidHours);
    }
    pieces[d] = piecesHere;
    kg[d] = liquidKg;
    atZero[d] = combLiquidKg * perKg - piecesHere * input.packCost;
    comb[d] = atZero[d] + piecesHere * input.piecePrice;
    liquid[d] = liquidKg * perKg;
    combHour[d] = comb[d] / Math.max(0.1, hoursComb);
    liquidHour[d] = liquid[d] / Math.max(0.1, hoursLiquid);
  }
  onProgress?.(1);
  const mean = (v: Float64Array): number => v.reduce((a, b) => a + b, 0) / v.length;
  const low = Math.min(...[comb, liquid].map((v) => v.reduce((a, b) => Math.min(a, b))));
  const high = Math.max(...[comb, liquid].map((v) => v.reduce((a, b) => Math.max(a, b))));
  const width = Math.max(1e-9, (high - low) / BINS);
  const bins = Array.from({ length: BINS }, (_, i) => ({
    from: low + i * width,
    comb: 0,
    liquid: 0,
  }));
  for (let d = 0; d < draws; d++) {
    bins[Math.min(BINS - 1, Math.floor((comb[d] - low) / width))].comb++;
    bins[Math.min(BINS - 1, Math.floor((liquid[d] - low) / width))].liquid++;
  }
  const [piecesSpread, kgSpread] = [spread(pieces), spread(kg)];
  const sum = history.finished + history.half + history.spoilt + 3;
  // A piece is sold instead of the honey that would have run out of it.
  const gainPerPiece =
    input.piecePrice - input.packCost - (input.pieceG / 1000) * input.outShare.mid * perKg;
  return {
    comb: spread(comb),
    liquid: spread(liquid),
    combPerHour: spread(combHour),
    liquidPerHour: spread(liquidHour),
    combWins: comb.reduce((n, v, d) => n + (v > liquid[d] ? 1 : 0), 0) / draws,
    breakEvenPrice:
      piecesSpread.mean > 0 ? Math.max(0, (mean(liquid) - mean(atZero)) / piecesSpread.mean) : null,
    breakEvenPieces: gainPerPiece > 0 ? breakEvenPieces(input, gainPerPiece) : null,
    bins,
    pieces: piecesSpread,
    piecesASuper: eightOfTen(aSuper),
    kg: kgSpread,
    monthsToSell: {
      comb: input.piecesAMonth > 0 ? piecesSpread.mean / input.piecesAMonth : null,
      liquid: input.kgAMonth > 0 ? kgSpread.mean / input.kgAMonth : null,
    },
    chances: {
      finished: (history.finished + 1) / sum,
      half: (history.half + 1) / sum,
      spoilt: (history.spoilt + 1) / sum,
    },
  };
}

/**
 * Whole pieces a box so that what comb gains by them pays for the hours it takes longer, at what an
 * hour of crushing brings; null above a full box.
 */
function breakEvenPieces(input: CombOrLiquidInput, gainPerPiece: number): number | null {
  const perKg = input.honeyPerKg - input.jarCostPerKg;
  const perHour =
    (input.honeyKg.mid * input.outShare.mid * perKg) / Math.max(0.1, input.liquidHours.mid);
  const extra = Math.max(0, input.combHours.mid - input.liquidHours.mid) * perHour;
  const pieces = Math.ceil(extra / gainPerPiece);
  return pieces <= input.piecesPerBox ? Math.max(1, pieces) : null;
}

/**
 * How many comb supers next year: what was sold and asked for in vain, over the pieces a super
 * gives at its low, middle and high. Null where a super gave none.
 */
export function combBoxesNextYear(input: {
  soldPieces: number;
  missedPieces: number;
  piecesPerBox: { low: number; mid: number; high: number };
}): { low: number; mid: number; high: number } | null {
  const wanted = input.soldPieces + input.missedPieces;
  const { low, mid, high } = input.piecesPerBox;
  if (high <= 0) return null;
  return {
    low: Math.ceil(wanted / high),
    mid: Math.ceil(wanted / Math.max(1, mid)),
    high: Math.ceil(wanted / Math.max(1, low)),
  };
}
