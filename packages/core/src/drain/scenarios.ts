import { between } from '../units/between.js';
import { seededRandom } from '../units/seeded.js';
import { type TemperatureStep, type ViscousTime, flowPerDegree } from './viscousTime.js';

/** Viscous hours that have passed at an hour of the run. */
export type RunClock = (hours: number) => number;

/** One way in which the bench and the bed may behave; a forecast is made over many. */
export interface Scenario {
  /**
   * Power on time: below 1 a bed lets go quickly at first and slowly later, as two rates or a long
   * tail do.
   */
  power: number;
  /** How much a stir or a press frees, against the published middle. */
  freed: number;
  clock: RunClock;
}

/**
 * What nobody read or can know of a run. All starting ranges; coverage is tested on runs of other
 * equations.
 */
export interface Unknowns {
  /**
   * A bench without a thermometer swings by up to this over a day, °C either way; 0 where it was
   * logged.
   */
  swingC: number;
  /** Longest time before the first honey comes, hours: it has to find its way through the bed. */
  lagHours: number;
  /** Chance that a bed slows down late, when wax settles or the strainer clogs. */
  slowsChance: number;
}
export const BENCH_UNKNOWNS: Unknowns = { swingC: 3.2, lagHours: 1.2, slowsChance: 0.62 };
/** An unread bench is off by this, either way, from what was typed: a standard deviation, °C. */
export const UNREAD_BENCH_SD_C = 0.8;

/** How the power on time is spread: its value at even steps of chance from 0 to 1. */
const POWER_AT = [0.76, 0.88, 0.96, 1.01, 1.05, 1.12];
const FREED_AT = [0.3, 0.7, 1, 1.3, 1.7];
/** A late bed slows to between these parts of its pace, from some hour between these on. */
const SLOWED_TO = { least: 0.3, most: 0.65 };
const SLOWS_FROM_HOURS = { earliest: 1.5, latest: 16 };
/** Part of the runs that have a lag at all. */
const LAG_CHANCE = 0.4;

const COUNT = 240;
/** The first two days are looked at by the quarter hour, the rest more coarsely. */
const FINE = { stepHours: 0.25, untilHours: 48 };
const COARSE_STEP_HOURS = 2;
const LAST_HOURS = 480;

/** Value of a curve given at even steps of 0 to 1. */
function along(values: readonly number[], at: number): number {
  const place = at * (values.length - 1);
  const i = Math.min(values.length - 2, Math.floor(place));
  return values[i] + (place - i) * (values[i + 1] - values[i]);
}

/** `count` numbers spread evenly over 0 to 1, in an order of their own for each seed. */
function stratified(count: number, seed: number): number[] {
  const next = seededRandom(seed);
  const places = Array.from({ length: count }, (_, i) => (i + next()) / count);
  for (let i = count - 1; i > 0; i--) {
    const j = Math.floor(next() * (i + 1));
    [places[i], places[j]] = [places[j], places[i]];
  }
  return places;
}

/**
 * Places of every scenario within each thing that is not known: a Latin square, the same for every
 * run, so it is drawn once.
 */
const LATIN_SQUARE = Array.from({ length: 8 }, (_, i) => stratified(COUNT, 101 + i));

/** Hours at which clocks are kept: between two of them time runs evenly. */
const KNOTS: readonly number[] = [
  ...Array.from({ length: FINE.untilHours / FINE.stepHours }, (_, i) => i * FINE.stepHours),
  ...Array.from(
    { length: (LAST_HOURS - FINE.untilHours) / COARSE_STEP_HOURS + 1 },
    (_, i) => FINE.untilHours + i * COARSE_STEP_HOURS,
  ),
];
const FINE_KNOTS = FINE.untilHours / FINE.stepHours;
/**
 * Moments of the day at which a bench may have a warmth of its own: middles between two fine knots
 * of one day, then between two coarse ones. Every day has the same.
 */
const MOMENTS_OF_DAY = [FINE.stepHours, COARSE_STEP_HOURS].flatMap((step) =>
  Array.from({ length: 24 / step }, (_, i) => (i + 0.5) * step),
);
/** Which of them lies before each knot. */
const MOMENT_BEFORE = KNOTS.map((to, k) => {
  const before = KNOTS[k - 1] ?? to;
  const hourOfDay = ((before + to) / 2) % 24;
  return to <= FINE.untilHours
    ? Math.floor(hourOfDay / FINE.stepHours)
    : 24 / FINE.stepHours + Math.floor(hourOfDay / COARSE_STEP_HOURS);
});
function knotBefore(hours: number): number {
  const i =
    hours < FINE.untilHours
      ? Math.floor(hours / FINE.stepHours)
      : FINE_KNOTS + Math.floor((hours - FINE.untilHours) / COARSE_STEP_HOURS);
  return between(0, KNOTS.length - 2, i);
}

/** A clock from how fast it runs between the knots. */
function clockOf(passed: Float64Array): RunClock {
  return (hours) => {
    const i = knotBefore(hours);
    const share = (hours - KNOTS[i]) / (KNOTS[i + 1] - KNOTS[i]);
    return passed[i] + share * (passed[i + 1] - passed[i]);
  };
}

/** The part of an hour from `from` to `to` that lies behind `hours`. */
const partAfter = (from: number, to: number, hours: number): number =>
  between(0, 1, (to - hours) / (to - from));

/**
 * Scenarios of a run: the typed or logged temperatures with what may be different about them,
 * spread evenly over all that is not known (a Latin square of each). The same every time for the
 * same input.
 */
export function scenariosOf(
  time: ViscousTime,
  steps: readonly TemperatureStep[],
  moisturePercent: number,
  unknowns: Unknowns = BENCH_UNKNOWNS,
): Scenario[] {
  const [powers, freeds, lags, swings, phases, slows, slowFroms, slowTos] = LATIN_SQUARE;
  const perDegree = flowPerDegree(steps, moisturePercent);
  const plain = KNOTS.map((hours) => time.at(hours));
  return Array.from({ length: COUNT }, (_, i) => {
    const lag = Math.max(0, (lags[i] - (1 - LAG_CHANCE)) / LAG_CHANCE) * unknowns.lagHours;
    // Most benches swing by most of it: a steady one is the exception.
    const swingC = Math.sqrt(swings[i]) * unknowns.swingC;
    const phase = phases[i] * 2 * Math.PI;
    const warmths = MOMENTS_OF_DAY.map((hour) =>
      Math.exp(perDegree * swingC * Math.sin((hour / 24) * 2 * Math.PI + phase)),
    );
    const { earliest, latest } = SLOWS_FROM_HOURS;
    const slowFrom =
      slows[i] < unknowns.slowsChance ? earliest * (latest / earliest) ** slowFroms[i] : Infinity;
    const slowTo = SLOWED_TO.least + (SLOWED_TO.most - SLOWED_TO.least) * slowTos[i];
    const passed = new Float64Array(KNOTS.length);
    for (let k = 1; k < KNOTS.length; k++) {
      const [from, to] = [KNOTS[k - 1], KNOTS[k]];
      const warmth = warmths[MOMENT_BEFORE[k]];
      const started = from >= lag ? 1 : partAfter(from, to, lag);
      const slowed = to <= slowFrom ? 0 : partAfter(from, to, slowFrom);
      passed[k] =
        passed[k - 1] + (plain[k] - plain[k - 1]) * warmth * started * (1 - slowed * (1 - slowTo));
    }
    return {
      power: along(POWER_AT, powers[i]),
      freed: along(FREED_AT, freeds[i]),
      clock: clockOf(passed),
    };
  });
}
