import { z } from 'zod';

export const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time such as 22:00.');

const percentOf = (high: number): z.ZodNumber =>
  z.number('A percentage.').min(0, 'At least 0 %.').max(high, `At most ${high} %.`);

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
    z.number('Kilograms.').min(0, 'At least 0 kg.').max(20, 'At most 20 kg.'),
  ),
  /** How much more a hard winter takes. */
  hardWinterPercent: percentOf(100),
  /**
   * What a weak, middle or strong colony needs, of the need said: 100 until the household says
   * otherwise.
   */
  strengthPercent: z.strictObject({
    weak: percentOf(200),
    middle: percentOf(200),
    strong: percentOf(200),
  }),
  maxCombsPerHive: z
    .int('Whole combs.')
    .min(0, 'At least 0 combs.')
    .max(60, 'At most 60 combs.')
    .nullable(),
};

/** People, hours, weights and places that a harvest has to fit into. */
export const plannedWork = {
  people: z
    .int('Whole people.')
    .min(1, 'At least one person: nobody is planned for.')
    .max(12, 'At most 12 people.'),
  /** What one person lifts, kg; two carry twice that. */
  liftKg: z.number('Kilograms.').min(3, 'At least 3 kg.').max(60, 'At most 60 kg.'),
  freezerL: z.number('Litres.').min(0, 'At least 0 L.').max(2000, 'At most 2000 L.').nullable(),
  freezerTemperatureC: z
    .number('Degrees.')
    .min(-40, 'At least -40 °C.')
    .max(-7, 'At most -7 °C: warmer does not end moth eggs.'),
  freeze: z.enum(['whole', 'pieces', 'none']),
  /** The bench at night, °C; null: as by day. */
  nightTemperatureC: z
    .number('Degrees.')
    .min(-5, 'At least -5 °C.')
    .max(45, 'At most 45 °C.')
    .nullable(),
  workFrom: clockTime,
  workTo: clockTime,
  minutesPerPiece: z
    .number('Minutes.')
    .min(0.2, 'At least 0.2 minutes.')
    .max(60, 'At most 60 minutes.'),
  minutesPerPressing: z
    .number('Minutes.')
    .min(1, 'At least 1 minute.')
    .max(240, 'At most 240 minutes.'),
  smoke: z.enum(['smoke', 'fresh-air', 'by-temper']),
  beesOff: z.enum(['brush', 'herd', 'shake', 'repellent', 'leave-out']),
  windLimitKmH: z
    .number('Kilometres an hour.')
    .min(5, 'At least 5 km/h.')
    .max(60, 'At most 60 km/h.'),
  /** Heat index at which nobody works in a suit, °C. */
  heatIndexLimitC: z.number('Degrees.').min(25, 'At least 25 °C.').max(45, 'At most 45 °C.'),
  /** What the vehicle carries. */
  vehicleL: z.number('Litres.').min(10, 'At least 10 L.').max(5000, 'At most 5000 L.').nullable(),
  vehicleKg: z
    .number('Kilograms.')
    .min(5, 'At least 5 kg.')
    .max(3000, 'At most 3000 kg.')
    .nullable(),
};

/** At the hive and at the bench: what the schools do differently. */
export const benchRules = {
  /** Minutes to wait after smoke; the same again after the second one. */
  smokeWaitMinutes: z
    .int('Whole minutes.')
    .min(0, 'At least 0 minutes.')
    .max(30, 'At most 30 minutes.'),
  /** What is left at the bar or frame when the comb is cut out. */
  starterLeft: z.enum(['ridge', 'strip', 'nothing']),
  potsBy: z.enum(['suction', 'tip', 'cut']),
  guessFirst: z.boolean(),
  /** Stings at one visit at which the work pauses, and at which it stops. */
  stingsPause: z.int('Whole stings.').min(1, 'At least 1.').max(50, 'At most 50.'),
  stingsStop: z.int('Whole stings.').min(1, 'At least 1.').max(100, 'At most 100.'),
  frameParts: z.union([z.literal(1), z.literal(2), z.literal(4)]),
  framesAtOnce: z.int('Whole frames.').min(1, 'At least 1 frame.').max(12, 'At most 12 frames.'),
  vesselCover: z.enum(['always', 'dearth']),
  frameReset: z.enum(['running', 'near-end', 'after-hour']),
  frameDone: z.enum(['droplet', 'hour', 'overnight', 'early']),
  trayAfter: z.enum(['in', 'out']),
  /** A frame comes back within so many weeks, whatever the forecast says. */
  frameMaxWeeks: z.int('Whole weeks.').min(1, 'At least 1 week.').max(26, 'At most 26 weeks.'),
  /**
   * A harvested hive is looked at again after so many weeks; null where the household has no such
   * rule.
   */
  followUpWeeks: z
    .int('Whole weeks.')
    .min(1, 'At least 1 week.')
    .max(26, 'At most 26 weeks.')
    .nullable(),
  warm: z.enum(['gently', 'never']),
  warmLimitC: z.number('Degrees.').min(25, 'At least 25 °C.').max(60, 'At most 60 °C.'),
  pressRestMinutes: z
    .int('Whole minutes.')
    .min(1, 'At least 1 minute.')
    .max(240, 'At most 240 minutes.'),
  /** A turn of the press that brings less is the last. */
  pressEnoughG: z.number('Grams.').min(1, 'At least 1 g.').max(2000, 'At most 2000 g.'),
};

/** At the cutting board. */
export const cutRules = {
  /** Width of the knife's cut. */
  kerfMm: z.number('Millimetres.').min(0, 'At least 0 mm.').max(20, 'At most 20 mm.'),
  /** Patches of open cells, pollen or bare comb smaller than this are let pass on a piece. */
  flawLeastCm2: z
    .number('Square centimetres.')
    .min(0, 'At least 0 cm².')
    .max(20, 'At most 20 cm².'),
  pieceDiscountPercent: percentOf(90),
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
const days = (high: number): z.ZodInt =>
  z.int('Whole days.').min(1, 'At least 1 day.').max(high, `At most ${high} days.`);
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
  leastHoneyG: z.number('Grams.').min(0, 'At least 0 g.').max(3000, 'At most 3000 g.'),
  /** Water above which honey is not sold, percent. */
  sellingLimitPercent: z.number('A percentage.').min(15, 'At least 15 %.').max(23, 'At most 23 %.'),
  /**
   * Months after the harvest that a label may give honey of the grades 'watch' and 'use-soon';
   * unmeasured honey gets the shortest.
   */
  watchMonths: z.int('Whole months.').min(1, 'At least 1 month.').max(60, 'At most 60 months.'),
  useSoonMonths: z.int('Whole months.').min(1, 'At least 1 month.').max(60, 'At most 60 months.'),
  /** What stays from the end of winter until a flow is noted, kg. */
  springReserveKg: z.number('Kilograms.').min(0, 'At least 0 kg.').max(20, 'At most 20 kg.'),
  /** Share of a stingless colony's sealed pots that stays. */
  potsStayPercent: percentOf(100),
  /** Weeks before winter in which nothing is drawn from stingless bees any more. */
  potsWeeksBeforeWinter: z
    .int('Whole weeks.')
    .min(0, 'At least 0 weeks.')
    .max(26, 'At most 26 weeks.'),
  /**
   * Species of the stingless bees and the permit to keep them, in the household's own words; empty:
   * not noted.
   */
  stinglessSpecies: z.string().trim().max(80, 'At most 80 letters.'),
  stinglessPermit: z.string().trim().max(80, 'At most 80 letters.'),
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
  makerAddress: z.string().trim().max(120, 'At most 120 letters.'),
  countryOfOrigin: z.string().trim().max(60, 'At most 60 letters.'),
  /** Where the household is registered to sell, in its own words. */
  sellWhere: z.string().trim().max(80, 'At most 80 letters.'),
  tradeScale: z.boolean(),
  nutritionOnLabel: z.boolean(),
  /**
   * Address under which this Furrow is reached from outside, for the code on a label; empty: the
   * code holds only the batch.
   */
  baseAddress: z.union([
    z.literal(''),
    z.url({ protocol: /^https?$/, error: 'An address such as https://honey.example.' }),
  ]),
  lotPageShows: z.array(z.enum(LOT_PAGE_FACTS)).max(LOT_PAGE_FACTS.length),
  /** Open or wet honey is to be used within so many days. A starting value. */
  useFirstDays: z.int('Whole days.').min(1, 'At least 1 day.').max(365, 'At most 365 days.'),
};

/** Wax and what clings to gear. */
export const waxRules = {
  /**
   * Wet wax may wait unfrozen so many days before moth has it. A starting value: a month by many
   * households.
   */
  wetWaxDays: z.int('Whole days.').min(1, 'At least 1 day.').max(120, 'At most 120 days.'),
  /**
   * Comb, wax and pressed discs stay frozen so many weeks against moth, where the cold itself asks
   * for less; null where the household has no such rule.
   */
  waxFrozenWeeks: z
    .int('Whole weeks.')
    .min(1, 'At least 1 week.')
    .max(52, 'At most 52 weeks.')
    .nullable(),
  waxWay: z.enum(['solar', 'water-bath', 'bag-press']),
  /**
   * A rinse is used within so many hours, in the kitchen and in the cold. Starting values: thin
   * sugar water soon ferments, nobody has a figure for yours.
   */
  rinseKeepsHours: z.int('Whole hours.').min(1, 'At least 1 hour.').max(168, 'At most 168 hours.'),
  rinseColdKeepsHours: z
    .int('Whole hours.')
    .min(1, 'At least 1 hour.')
    .max(720, 'At most 720 hours.'),
};

/** What things are worth to the household. Prices of jars and boxes stand with them in the kit. */
export const worthRules = {
  currency: z.string().trim().max(6, 'At most 6 letters.'),
  waxPerKg: z.number('A price.').min(0, 'A price is at least 0.').max(10_000, 'At most 10 000.'),
  /**
   * How much is given away and eaten at home, and what that is worth of the price. The rest is
   * sold.
   */
  givenPercent: percentOf(100),
  givenWorthPercent: percentOf(300),
  ownPercent: percentOf(100),
  ownWorthPercent: percentOf(300),
};
