import type { Say } from '../say/say.js';
import { wentFor } from '../records/vocabulary/lotSays.js';
import { guessOffPercent } from '../comb/guess.js';
import { DateTime } from 'luxon';
import { WAX_IN_COMB_SHARE } from '../drain/index.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import { measuredWaterPercent } from '../jar/index.js';
import { estimateSeen } from '../look/index.js';
import type { BatchDetail, Flow, JarKindRecord, Take } from '../records/views.js';
import type { Hive, Look } from '../records/hiveViews.js';
import type { Range } from '../units/format.js';
import { sumRanges } from '../units/ranges.js';

/** What one comb, frame or box came to, beside what was thought of it. */
export interface UnitAccount {
  takeId: string;
  slot: number;
  netG: number;
  netBy: Take['netBy'];
  /** By its last look, comb with its wax, grams; null where nobody looked. */
  estimateG: Range | null;
  guessG: number | null;
  /** Net against the middle of the estimate, percent above (below 0: under). */
  overEstimatePercent: number | null;
  /** How far the guess was off, percent of what was weighed (above 0: too much). */
  guessOffPercent: number | null;
  /**
   * Share that it is of a comb of its measures, capped all over, by the middle; null where nobody
   * looked.
   */
  ofFullShare: number | null;
  /**
   * Against what the household's combs of this kind of hive weighed on the average, percent over;
   * null with none.
   */
  overUsualPercent: number | null;
}
/** How many of a kind of jar the honey fills, and one comb of the harvest on the average. */
export interface JarsOf {
  jarKindId: string;
  name: string;
  all: number;
  /** Null where nothing was weighed comb by comb. */
  perUnit: number | null;
}
/** What one box of a stack came to: its comb, and its part of the honey. */
export interface BoxAccount {
  number: number;
  combs: number;
  combG: number;
  /** By the last looks of all its combs; null where one was never looked at. */
  estimateG: Range | null;
  /** What was guessed of the whole box, or of all its combs one by one. */
  guessG: number | null;
  overEstimatePercent: number | null;
  guessOffPercent: number | null;
  /** Share that it is of a box of such combs, capped all over. */
  ofFullShare: number | null;
  drippedG: number;
  pressedG: number;
}
/** What the press brought, beside what people say of it. */
export interface PressAccount {
  g: number;
  /** Of all the honey. */
  share: number;
  /** Against {@link PRESS_SAID_SHARE}: 'as' within it, 'more' or 'less' outside. */
  held: 'less' | 'as' | 'more';
}
/** Everything people work out of a harvest when it is over. */
export interface HarvestAccount {
  units: UnitAccount[];
  /** Comb weighed in, honey that came of it, both grams, with what is still in the vessels. */
  combG: number;
  honeyG: number;
  /**
   * The same honey by volume, at its water, 20 °C, litres; the water is 18 % where nobody measured.
   */
  honeyL: number;
  waterPercent: number | null;
  promisedKg: Range | null;
  against: 'less' | 'within' | 'more' | null;
  /** What the press brought; null where it was not pressed. */
  pressed: PressAccount | null;
  /**
   * Box by box, where the hive is a stack: all boxes of a harvest drip into one lot, so with more
   * than one the honey is shared out by the weight of their comb. Empty for a hive without boxes.
   */
  boxes: BoxAccount[];
  /**
   * Honey still in the wet wax by weight: what it weighs less the wax of the comb, grams; null
   * without wet wax.
   */
  inWaxG: Range | null;
  /** Nectar of 80 % water that the bees carried for this honey, kg. */
  nectarKg: number | null;
  handsOnMinutes: number;
  elapsedHours: number | null;
  minutesPerKg: number | null;
  /**
   * What the filled jars cost empty, a kg of what is in them; null where none was filled or nothing
   * costs.
   */
  jarCostPerKg: number | null;
  losses: { g: number; reason: Say }[];
  /** The same honey in each kind of jar of the kit. */
  jars: JarsOf[];
}
/** Combs weighed before, of any hive. */
export interface WeighedBefore {
  combId: string;
  hiveKind: HiveKindName;
  weighedKg: number;
}

const NECTAR_WATER_PERCENT = 80;
/**
 * "A press finds another tenth", as people repeat it, with the room that the published shares leave
 * it: 0.85 to 0.92 drains, 0.93 to 0.97 is out after the press (SCIENCE 4), so the press brings 1
 * to 12 of 100; a tenth is said to have held from 5 to 15.
 */
export const PRESS_SAID_SHARE = { said: 0.1, low: 0.05, high: 0.15 };
const FULL = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const inGrams = (kg: Range): Range => ({
  low: kg.low * 1000,
  mid: kg.mid * 1000,
  high: kg.high * 1000,
});
const percentOver = (g: number, expectedG: number | null): number | null =>
  expectedG === null || expectedG <= 0 ? null : (g / expectedG - 1) * 100;

/** Null where nobody guessed, or nothing was weighed to hold it against. */
const guessOff = (guessG: number | null, weighedG: number): number | null =>
  guessG && weighedG > 0 ? guessOffPercent(guessG, weighedG) : null;

/**
 * Nectar behind honey, kg: the sugar is the same (SCIENCE 7), so 1 kg of 17 % honey took about 4.15
 * kg of nectar with 80 % water. Takes kilograms and the water of the honey, percent.
 */
export const nectarBehindKg = (honeyKg: number, moisturePercent: number): number =>
  (honeyKg * (1 - moisturePercent / 100)) / (1 - NECTAR_WATER_PERCENT / 100);

/**
 * A comb of the measures of this look, capped all over, with its wax, grams; null for pots, which
 * have no full. Takes the look, and the hive it hung in.
 */
export function fullCombG(look: Look, hive: Pick<Hive, 'kind' | 'geometry'>): number | null {
  if (look.pots) return null;
  const full = estimateSeen({ ...look, sides: { A: FULL, B: FULL }, pane: null }, hive);
  return full ? (full.honeyKg.mid + full.waxKg.mid) * 1000 : null;
}

/**
 * What the last look of a comb says that it weighs, comb with wax, grams; null where nobody looked.
 */
function estimateOf(look: Look | undefined, hive: Pick<Hive, 'kind' | 'geometry'>): Range | null {
  const seen = look ? estimateSeen(look, hive) : null;
  return seen ? inGrams(sumRanges([seen.honeyKg, seen.waxKg])) : null;
}

const lastLook = (combId: string, { looks }: Pick<BatchDetail, 'looks'>): Look | undefined =>
  looks.filter((l) => l.combId === combId).at(-1);

function unitAccount(
  take: Take,
  detail: Pick<BatchDetail, 'looks' | 'hive'>,
  usualG: number | null,
): UnitAccount {
  const netG = take.netG!;
  const look = lastLook(take.combId, detail);
  const estimateG = estimateOf(look, detail.hive);
  const fullG = look ? fullCombG(look, detail.hive) : null;
  // What was guessed of a box says nothing of one comb in it.
  const guessG = take.byBox ? null : take.guessG;
  return {
    takeId: take.id,
    slot: take.slot,
    netG,
    netBy: take.netBy,
    estimateG,
    guessG,
    // An estimate held against itself, or shared out by itself, says nothing.
    overEstimatePercent:
      take.netBy === 'estimate' || take.byBox ? null : percentOver(netG, estimateG?.mid ?? null),
    guessOffPercent: guessOff(guessG, take.netBy === 'estimate' ? 0 : netG),
    ofFullShare: fullG ? netG / fullG : null,
    overUsualPercent: take.byBox ? null : percentOver(netG, usualG),
  };
}

/** What came of the comb as honey, grams: all that flowed from it into lots of honey. */
function honeyOf(detail: Pick<BatchDetail, 'lots' | 'flows'>): { all: number; pressed: number } {
  const kindOf = new Map(detail.lots.map((l) => [l.id, l.kind]));
  const came = detail.flows.filter(
    (f) => kindOf.get(f.to) === 'honey' && kindOf.get(f.from) !== 'honey' && !isVoided(f, detail),
  );
  const sum = (list: readonly Flow[]): number => list.reduce((g, f) => g + f.g, 0);
  return { all: sum(came), pressed: sum(came.filter((f) => wentFor(f.reason, 'flow.pressed'))) };
}
const isVoided = (flow: Flow, { flows }: Pick<BatchDetail, 'flows'>): boolean =>
  Boolean(flow.voids) || flows.some((f) => f.voids === flow.id);

/**
 * The press against what people say of it; null without honey. Takes grams pressed, and all that
 * came out.
 */
export function pressAccount(pressedG: number, honeyG: number): PressAccount | null {
  if (honeyG <= 0) return null;
  const share = pressedG / honeyG;
  const above = share > PRESS_SAID_SHARE.high ? 'more' : 'as';
  return { g: pressedG, share, held: share < PRESS_SAID_SHARE.low ? 'less' : above };
}

/** The box of a place that stands in a stack; null in a hive without boxes. */
const boxOf = (slot: number): number | null => (slot >= 100 ? Math.floor(slot / 100) : null);

/** The sum of what every one of them has; null where one has none. */
function sumOfAll(values: readonly (number | null)[]): number | null {
  if (!values.length || values.some((v) => v === null)) return null;
  return values.reduce<number>((sum, v) => sum + v!, 0);
}

/** The combs of one box put together, and what was thought of them. */
function boxOfCombs(
  number: number,
  own: readonly Take[],
  detail: Pick<BatchDetail, 'looks' | 'hive'>,
): Omit<BoxAccount, 'drippedG' | 'pressedG'> {
  const combG = own.reduce((g, t) => g + t.netG!, 0);
  const looks = own.map((t) => lastLook(t.combId, detail));
  const estimates = looks.map((look) => estimateOf(look, detail.hive));
  const told = estimates.filter((e) => e !== null);
  const estimateG = told.length < estimates.length ? null : sumRanges(told);
  const fullG = sumOfAll(looks.map((look) => (look ? fullCombG(look, detail.hive) : null)));
  const guessed = own.filter((t) => t.guessG !== null);
  // A box has one guess, or one for each of its combs.
  const guessG =
    own.some((t) => t.byBox) || guessed.length === own.length
      ? guessed.reduce<number | null>((g, t) => (g ?? 0) + t.guessG!, null)
      : null;
  const byScale = own.every((t) => t.netBy !== 'estimate');
  return {
    number,
    combs: own.length,
    combG,
    estimateG,
    guessG,
    overEstimatePercent: byScale ? percentOver(combG, estimateG?.mid ?? null) : null,
    guessOffPercent: guessOff(guessG, byScale ? combG : 0),
    ofFullShare: fullG ? combG / fullG : null,
  };
}

function boxAccounts(
  weighed: readonly Take[],
  detail: Pick<BatchDetail, 'looks' | 'hive'>,
  honeyG: number,
  pressedG: number,
): BoxAccount[] {
  const combG = weighed.reduce((g, t) => g + t.netG!, 0);
  const numbers = [...new Set(weighed.map((t) => boxOf(t.slot)))].filter((n) => n !== null);
  return numbers
    .sort((a, b) => a - b)
    .map((number) => {
      const own = weighed.filter((t) => boxOf(t.slot) === number);
      const box = boxOfCombs(number, own, detail);
      const part = combG > 0 ? box.combG / combG : 0;
      return {
        ...box,
        drippedG: (honeyG - pressedG) * part,
        pressedG: pressedG * part,
      };
    });
}

function against(honeyG: number, promisedKg: Range | null): HarvestAccount['against'] {
  if (!promisedKg || honeyG <= 0) return null;
  if (honeyG < promisedKg.low * 1000) return 'less';
  return honeyG > promisedKg.high * 1000 ? 'more' : 'within';
}

function jarCost(detail: Pick<BatchDetail, 'lots'>, jars: readonly JarKindRecord[]): number | null {
  const filled = detail.lots.filter((l) => l.count && l.jarKindId);
  const kg = filled.reduce((sum, l) => sum + l.inG, 0) / 1000;
  const cost = filled.reduce(
    (sum, l) => sum + l.count! * (jars.find((j) => j.id === l.jarKindId)?.cost ?? 0),
    0,
  );
  return kg > 0 && cost > 0 ? cost / kg : null;
}

/**
 * What combs of this kind of hive weighed on the average before, those of this harvest left out,
 * grams; null with none.
 */
export function usualCombG(
  detail: Pick<BatchDetail, 'takes' | 'hive'>,
  before: readonly WeighedBefore[],
): number | null {
  const own = new Set(detail.takes.map((t) => t.combId));
  const like = before.filter((p) => p.hiveKind === detail.hive.kind && !own.has(p.combId));
  if (!like.length) return null;
  return (like.reduce((kg, p) => kg + p.weighedKg, 0) / like.length) * 1000;
}

function jarsOf(honeyG: number, units: number, jars: readonly JarKindRecord[]): JarsOf[] {
  if (honeyG <= 0) return [];
  return jars
    .filter((j) => j.purpose === 'jar' && j.netG > 0)
    .map((j) => ({
      jarKindId: j.id,
      name: j.name,
      all: honeyG / j.netG,
      perUnit: units ? honeyG / units / j.netG : null,
    }));
}

/**
 * Hours from the first comb in hand to the last entry of the book; null before anything was taken.
 */
function elapsed(detail: Pick<BatchDetail, 'takes' | 'flows'>): number | null {
  const first = detail.takes.map((t) => t.occurredAt).sort()[0];
  const last = detail.flows
    .map((f) => f.at)
    .sort()
    .at(-1);
  if (!first || !last) return null;
  return Math.max(0, DateTime.fromISO(last).diff(DateTime.fromISO(first), 'hours').hours);
}

/**
 * The account of one harvest. Takes the harvest as the server answers it, the jars of the kit, and
 * the combs that were weighed before, for what is usual. Figures that nobody can know yet are null,
 * never 0.
 */
export function harvestAccount(
  detail: BatchDetail,
  jars: readonly JarKindRecord[],
  before: readonly WeighedBefore[] = [],
): HarvestAccount {
  const usualG = usualCombG(detail, before);
  const weighed = detail.takes.filter((t) => t.netG);
  const combG = weighed.reduce((g, t) => g + t.netG!, 0);
  const { all: honeyG, pressed: pressedG } = honeyOf(detail);
  const waterPercent = measuredWaterPercent(detail);
  const wasPressed = detail.drains.some((d) => d.events.some((e) => e.kind === 'press'));
  const wetWaxG = detail.lots.filter((l) => l.kind === 'wet-wax').reduce((g, l) => g + l.inG, 0);
  const waxG = (share: number): number => Math.max(0, wetWaxG - combG * share);
  const promisedKg = detail.batch.expectedHoneyKg ?? null;
  const minutes = detail.batch.handsOnMinutes;
  return {
    units: weighed.map((t) => unitAccount(t, detail, usualG)),
    combG,
    honeyG,
    honeyL: honeyG / 1000 / honeyDensityKgPerL(waterPercent ?? 18, 20),
    waterPercent,
    promisedKg,
    against: against(honeyG, promisedKg),
    pressed: wasPressed ? pressAccount(pressedG, honeyG) : null,
    boxes: boxAccounts(weighed, detail, honeyG, pressedG),
    inWaxG:
      wetWaxG > 0 && combG > 0
        ? {
            low: waxG(WAX_IN_COMB_SHARE.high),
            mid: waxG(WAX_IN_COMB_SHARE.mid),
            high: waxG(WAX_IN_COMB_SHARE.low),
          }
        : null,
    nectarKg: waterPercent === null ? null : nectarBehindKg(honeyG / 1000, waterPercent),
    handsOnMinutes: minutes,
    elapsedHours: elapsed(detail),
    minutesPerKg: minutes > 0 && honeyG > 0 ? minutes / (honeyG / 1000) : null,
    jarCostPerKg: jarCost(detail, jars),
    losses: detail.flows
      .filter((f) => f.to === 'loss' && !isVoided(f, detail))
      .map(({ g, reason }) => ({ g, reason })),
    jars: jarsOf(honeyG, weighed.length, jars),
  };
}
