/**
 * One super as comb and as honey, by plain arithmetic: what people reckon before they trust a
 * drawing.
 */
export interface SuperQuestion {
  /** Whole pieces of a super that is full: frames times pieces a frame. */
  pieces: number;
  pieceG: number;
  piecePrice: number;
  packCost: number;
  /** Honey in a full super, kg. */
  honeyKg: number;
  /** Share of it that runs out when it is crushed, 0 to 1. */
  outShare: number;
  /** What a kilogram sells at, and its empty jars. */
  honeyPerKg: number;
  jarCostPerKg: number;
  /** Of all pieces so many go at a discount of so much, both 0 to 100. */
  discountedPercent: number;
  discountPercent: number;
}
export interface SuperIncome {
  pieces: number;
  /** Pieces less their packs, discounts taken off. */
  comb: number;
  /** Trimmings crushed: kilograms that run out of them, and what they bring less jars. */
  trimmingsKg: number;
  trimmings: number;
  /** All of it crushed instead. */
  liquidKg: number;
  liquid: number;
}
/** Where comb and honey bring the same; null where no price or no number does. */
export interface Level {
  withoutTrimmings: number | null;
  withTrimmings: number | null;
}

/** What a piece brings on the average, discounts taken off. */
export const priceReceived = (
  q: Pick<SuperQuestion, 'piecePrice' | 'discountedPercent' | 'discountPercent'>,
): number => q.piecePrice * (1 - (q.discountedPercent / 100) * (q.discountPercent / 100));

const perKg = (q: SuperQuestion): number => q.honeyPerKg - q.jarCostPerKg;

/**
 * Income of one super that is filled to a share of a full one, 0 to 1, and gives that share of its
 * pieces, or `pieces` where they were said. Pieces × price less packs; what is not in a piece is
 * crushed. More pieces than the honey fills are not counted.
 */
export function superIncome(q: SuperQuestion, filledShare: number, pieces?: number): SuperIncome {
  const honeyKg = q.honeyKg * filledShare;
  const wanted = pieces ?? Math.floor(q.pieces * filledShare + 1e-9);
  const whole = Math.min(wanted, Math.floor((honeyKg * 1000) / q.pieceG + 1e-9));
  const trimmingsKg = Math.max(0, honeyKg - (whole * q.pieceG) / 1000) * q.outShare;
  const liquidKg = honeyKg * q.outShare;
  return {
    pieces: whole,
    comb: whole * (priceReceived(q) - q.packCost),
    trimmingsKg,
    trimmings: trimmingsKg * perKg(q),
    liquidKg,
    liquid: liquidKg * perKg(q),
  };
}

/**
 * The price of a piece, discounts taken off, at which a full super brings as much in pieces as
 * crushed: without what the trimmings bring, and with it. Null without pieces.
 */
export function levelPrice(q: SuperQuestion): Level {
  const { pieces, trimmings, liquid } = superIncome(q, 1);
  if (pieces <= 0) return { withoutTrimmings: null, withTrimmings: null };
  const at = (toMake: number): number => Math.max(0, toMake / pieces + q.packCost);
  return { withoutTrimmings: at(liquid), withTrimmings: at(liquid - trimmings) };
}

/**
 * Whole pieces of a full super from which comb brings more than all of it crushed: without the
 * trimmings, and with them. With them each piece only has to bring more than the honey in it: then
 * it is 1, or null where it never does. Null above a full super.
 */
export function levelPieces(q: SuperQuestion): Level {
  const aPiece = priceReceived(q) - q.packCost;
  const full = superIncome(q, 1);
  const without = aPiece > 0 ? Math.max(1, Math.ceil(full.liquid / aPiece - 1e-9)) : null;
  const honeyInIt = (q.pieceG / 1000) * q.outShare * perKg(q);
  return {
    withoutTrimmings: without !== null && without <= full.pieces ? without : null,
    withTrimmings: aPiece > honeyInIt && full.pieces > 0 ? 1 : null,
  };
}

export interface YearsIncome {
  good: SuperIncome;
  half: SuperIncome;
  bad: SuperIncome;
  /**
   * Comb with its trimmings, and honey, on the average of the supers counted; null while none is.
   */
  average: { comb: number; liquid: number; supers: number } | null;
}
/**
 * A bad year gives no piece, half a year the middle of its published share, of less honey. Starting
 * values.
 */
const HALF_FILLED = 0.6;
const HALF_PIECES = 0.45;

/**
 * A super in a good, a half and a bad year, and the average by the household's own counts: supers
 * that finished, came out half, were spoilt. Nothing counted: no average.
 */
export function yearsIncome(
  q: SuperQuestion,
  history: { finished: number; half: number; spoilt: number },
): YearsIncome {
  const good = superIncome(q, 1);
  const half = superIncome(q, HALF_FILLED, Math.floor(q.pieces * HALF_PIECES));
  const bad = superIncome(q, HALF_FILLED, 0);
  const supers = history.finished + history.half + history.spoilt;
  const mean = (of: (i: SuperIncome) => number): number =>
    (history.finished * of(good) + history.half * of(half) + history.spoilt * of(bad)) / supers;
  const average =
    supers > 0
      ? { comb: mean((i) => i.comb + i.trimmings), liquid: mean((i) => i.liquid), supers }
      : null;
  return { good, half, bad, average };
}

export interface PriceTest {
  /** Over all pieces, packs taken off, at the price now and at the lower one. */
  now: number;
  then: number;
  /** Months until all are sold; null where nobody said how many a month. */
  monthsNow: number | null;
  monthsThen: number | null;
  /**
   * What the lower price costs in all, and what more it brings a month; null without both paces.
   */
  lost: number;
  moreAMonth: number | null;
}

/**
 * A lower price that sells quicker, against the price there is. Takes pieces and both prices with
 * their pace a month.
 */
export function priceTest(input: {
  pieces: number;
  packCost: number;
  price: number;
  piecesAMonth: number;
  lowerPrice: number;
  piecesAMonthThen: number;
}): PriceTest {
  const income = (price: number): number => input.pieces * (price - input.packCost);
  const months = (pace: number): number | null => (pace > 0 ? input.pieces / pace : null);
  const aMonth = (price: number, pace: number): number => pace * (price - input.packCost);
  const known = input.piecesAMonth > 0 && input.piecesAMonthThen > 0;
  return {
    now: income(input.price),
    then: income(input.lowerPrice),
    monthsNow: months(input.piecesAMonth),
    monthsThen: months(input.piecesAMonthThen),
    lost: income(input.price) - income(input.lowerPrice),
    moreAMonth: known
      ? aMonth(input.lowerPrice, input.piecesAMonthThen) - aMonth(input.price, input.piecesAMonth)
      : null,
  };
}

/**
 * Which record would narrow 'how many supers next year' most; null where it is narrow enough to be
 * of use.
 */
export function narrowBy(
  found: { low: number; high: number },
  history: { finished: number; half: number; spoilt: number },
): 'count' | 'more-years' | null {
  if (found.high <= Math.max(found.low + 1, found.low * 1.5)) return null;
  return history.finished + history.half + history.spoilt < 3 ? 'count' : 'more-years';
}
