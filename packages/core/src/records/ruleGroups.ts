import { z } from 'zod';
import {
  A_NUMBER,
  A_WHOLE_NUMBER,
  asCelsius,
  atLeast,
  atMost,
  atMostLetters,
  celsius,
  decimal,
  grams,
  kilograms,
  kilometresAnHour,
  litres,
  millimetres,
  minutes,
  percent,
  squareCentimetres,
  whole,
  wholeDays,
  wholeHours,
  wholeMinutes,
  wholeMonths,
  wholeWeeks,
} from '../say/limits.js';
import { refuses } from '../say/field.js';

export const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, refuses('field.time'));

/**
 * The winter in the household's own numbers: months and their use, a hard one, a colony's strength.
 */
export const winterRules = {
  /**
   * Kilograms used month by month (1 to 12), the household's own; only their proportions count, the
   * need stands in winterNeedKg. Empty: not said.
   */
  winterUseByMonthKg: z.partialRecord(
    z.enum(['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12']),
    kilograms(0, 20),
  ),
  /** How much more a hard winter takes. */
  hardWinterPercent: percent(0, 100),
  /**
   * What a weak, middle or strong colony needs, of the need said: 100 until the household says
   * otherwise.
   */
  strengthPercent: z.strictObject({
    weak: percent(0, 200),
    middle: percent(0, 200),
    strong: percent(0, 200),
  }),
  maxCombsPerHive: whole(0, 60).nullable(),
};

/** People, hours, weights and places that a harvest has to fit into. */
export const plannedWork = {
  people: z.int(A_WHOLE_NUMBER).min(1, refuses('field.one-person')).max(12, atMost(12)),
  /** What one person lifts, kg; two carry twice that. */
  liftKg: kilograms(3, 60),
  freezerL: litres(0, 2000).nullable(),
  freezerTemperatureC: z
    .number(A_NUMBER)
    .min(-40, atLeast(-40, asCelsius))
    .max(-7, refuses('field.too-warm-for-moth', { most: { temperatureC: -7 } })),
  freeze: z.enum(['whole', 'pieces', 'none']),
  /** The bench at night, °C; null: as by day. */
  nightTemperatureC: celsius(-5, 45).nullable(),
  workFrom: clockTime,
  workTo: clockTime,
  minutesPerPiece: minutes(0.2, 60),
  minutesPerPressing: minutes(1, 240),
  smoke: z.enum(['smoke', 'fresh-air', 'by-temper']),
  beesOff: z.enum(['brush', 'herd', 'shake', 'repellent', 'leave-out']),
  windLimitKmH: kilometresAnHour(5, 60),
  /** Heat index at which nobody works in a suit, °C. */
  heatIndexLimitC: celsius(25, 45),
  /** What the vehicle carries. */
  vehicleL: litres(10, 5000).nullable(),
  vehicleKg: kilograms(5, 3000).nullable(),
};

/** At the hive and at the bench: what the schools do differently. */
export const benchRules = {
  /** Minutes to wait after smoke; the same again after the second one. */
  smokeWaitMinutes: wholeMinutes(0, 30),
  /** What is left at the bar or frame when the comb is cut out. */
  starterLeft: z.enum(['ridge', 'strip', 'nothing']),
  potsBy: z.enum(['suction', 'tip', 'cut']),
  guessFirst: z.boolean(),
  /** Stings at one visit at which the work pauses, and at which it stops. */
  stingsPause: whole(1, 50),
  stingsStop: whole(1, 100),
  frameParts: z.union([z.literal(1), z.literal(2), z.literal(4)]),
  framesAtOnce: whole(1, 12),
  vesselCover: z.enum(['always', 'dearth']),
  frameReset: z.enum(['running', 'near-end', 'after-hour']),
  frameDone: z.enum(['droplet', 'hour', 'overnight', 'early']),
  trayAfter: z.enum(['in', 'out']),
  /** A frame comes back within so many weeks, whatever the forecast says. */
  frameMaxWeeks: wholeWeeks(1, 26),
  /**
   * A harvested hive is looked at again after so many weeks; null where the household has no such
   * rule.
   */
  followUpWeeks: wholeWeeks(1, 26).nullable(),
  warm: z.enum(['gently', 'never']),
  warmLimitC: celsius(25, 60),
  pressRestMinutes: wholeMinutes(1, 240),
  /** A turn of the press that brings less is the last. */
  pressEnoughG: grams(1, 2000),
};

/** At the cutting board. */
export const cutRules = {
  /** Width of the knife's cut. */
  kerfMm: millimetres(0, 20),
  /** Patches of open cells, pollen or bare comb smaller than this are let pass on a piece. */
  flawLeastCm2: squareCentimetres(0, 20),
  pieceDiscountPercent: percent(0, 90),
  /** Where a piece goes that is lighter than its box asks. */
  underWeight: z.enum(['discount', 'chunk', 'sample']),
  pest: z.enum(['moth', 'beetle', 'both']),
};

export const LOT_PAGE_FACTS = [
  'hive',
  'site',
  'harvested',
  'kind',
  'water',
  'flower',
  'weight',
  'maker',
] as const;
/**
 * Days after which a fact counts as unknown. Starting values, none of them science: a household
 * that looks more often shortens them.
 */
const days = (high: number): z.ZodInt => wholeDays(1, high);
const shelfDaysSchema = z.strictObject({
  flow: days(120),
  bloom: days(120),
  temper: days(730),
  strength: days(365),
  queen: days(365),
  broodCheck: days(365),
  tilt: days(365),
  water: days(120),
  look: days(365),
});

/** What the judgement rests on beyond caps and water. */
export const judgementRules = {
  shelfDays: shelfDaysSchema,
  /** A comb with less honey is left. */
  leastHoneyG: grams(0, 3000),
  /** Water above which honey is not sold, percent. */
  sellingLimitPercent: percent(15, 23),
  /**
   * Months after the harvest that a label may give honey of the grades 'watch' and 'use-soon';
   * unmeasured honey gets the shortest.
   */
  watchMonths: wholeMonths(1, 60),
  useSoonMonths: wholeMonths(1, 60),
  /** What stays from the end of winter until a flow is noted, kg. */
  springReserveKg: kilograms(0, 20),
  /** Share of a stingless colony's sealed pots that stays. */
  potsStayPercent: percent(0, 100),
  /** Weeks before winter in which nothing is drawn from stingless bees any more. */
  potsWeeksBeforeWinter: wholeWeeks(0, 26),
  /**
   * Species of the stingless bees and the permit to keep them, in the household's own words; empty:
   * not noted.
   */
  stinglessSpecies: z.string().trim().max(80, atMostLetters(80)),
  stinglessPermit: z.string().trim().max(80, atMostLetters(80)),
};

/** What household schools do differently, each with an effect of its own beside the older rules. */
export const schoolRules = {
  /**
   * When honey is taken at all: comb by comb, once in spring, in the main flow, or from dead
   * colonies only.
   */
  harvestWhen: z.enum(['comb-by-comb', 'spring', 'flow', 'dead-outs']),
  /**
   * Where open cells lie in a comb that is cut: let pass on a piece, cut round, or kept well away
   * from.
   */
  halfPieces: z.enum(['trimmed', 'in', 'out']),
  /**
   * A full super gets company, or the bees are crowded: by how strong the flow is, always, or
   * never.
   */
  extraSuper: z.enum(['by-flow', 'super', 'crowd']),
  /** What stands between brood and comb super. */
  belowSuper: z.enum(['empty-super', 'excluder', 'neither']),
  /** Where a finished frame goes while others are light, in comb supers and in supers to crush. */
  finishedCombFrames: z.enum(['outward', 'middle', 'stay']),
  finishedLiquidFrames: z.enum(['outward', 'middle', 'stay']),
  /** Frames that honey was taken from, wet. */
  wetFrames: z.enum(['at-once', 'later', 'washed']),
  /** Crushed comb mashed once more: never, after some hours, after a day. */
  remash: z.enum(['never', 'hours', 'days']),
  /** The hour that is liked for opening, where the weather lets one choose. */
  preferredHour: z.enum(['none', 'morning', 'cool-day']),
  /**
   * Whether values that Furrow began with are marked as such, or the household said that they are
   * its own.
   */
  startingValues: z.enum(['marked', 'ours']),
  /** What lots are kept apart by unless somebody says otherwise. */
  lotsBy: z.enum(['hive', 'box', 'comb', 'season', 'capped', 'colour', 'mixed']),
};

/** What stands on labels, who may be sold to, and what a stranger sees behind the code. */
export const labelRules = {
  makerAddress: z.string().trim().max(120, atMostLetters(120)),
  countryOfOrigin: z.string().trim().max(60, atMostLetters(60)),
  /** Where the household is registered to sell, in its own words. */
  sellWhere: z.string().trim().max(80, atMostLetters(80)),
  tradeScale: z.boolean(),
  nutritionOnLabel: z.boolean(),
  /**
   * Address under which this Furrow is reached from outside, for the code on a label; empty: the
   * code holds only the batch.
   */
  baseAddress: z.union([
    z.literal(''),
    z.url({ protocol: /^https?$/, error: refuses('field.address') }),
  ]),
  lotPageShows: z.array(z.enum(LOT_PAGE_FACTS)).max(LOT_PAGE_FACTS.length),
  /** Open or wet honey is to be used within so many days. A starting value. */
  useFirstDays: wholeDays(1, 365),
};

/** Wax and what clings to gear. */
export const waxRules = {
  /**
   * Wet wax may wait unfrozen so many days before moth has it. A starting value: a month by many
   * households.
   */
  wetWaxDays: wholeDays(1, 120),
  /**
   * Comb, wax and pressed discs stay frozen so many weeks against moth, where the cold itself asks
   * for less; null where the household has no such rule.
   */
  waxFrozenWeeks: wholeWeeks(1, 52).nullable(),
  waxWay: z.enum(['solar', 'water-bath', 'bag-press']),
  /**
   * A rinse is used within so many hours, in the kitchen and in the cold. Starting values: thin
   * sugar water soon ferments, nobody has a figure for yours.
   */
  rinseKeepsHours: wholeHours(1, 168),
  rinseColdKeepsHours: wholeHours(1, 720),
};

/** What things are worth to the household. Prices of jars and boxes stand with them in the kit. */
export const worthRules = {
  currency: z.string().trim().max(6, atMostLetters(6)),
  waxPerKg: decimal(0, 10_000),
  /**
   * How much is given away and eaten at home, and what that is worth of the price. The rest is
   * sold.
   */
  givenPercent: percent(0, 100),
  givenWorthPercent: percent(0, 300),
  ownPercent: percent(0, 100),
  ownWorthPercent: percent(0, 300),
};
