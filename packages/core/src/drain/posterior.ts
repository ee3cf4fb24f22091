import { between } from '../units/between.js';
import jStat from 'jstat';
import type { Range } from '../units/format.js';
import { evenly } from '../units/seeded.js';
import type { RunClock, Scenario } from './scenarios.js';

/**
 * Honey that begins to run at an hour of the run: a share of what is in the comb, with the run's
 * own tau or a part of it.
 */
export interface Bed {
  hours: number;
  share: number;
  /**
   * Tau of this bed as a part of the run's: 1 for a bed under its own weight, less under a press.
   */
  tauPart: number;
}
export interface RunObservation {
  hours: number;
  kg: number;
  sdKg: number;
}
export interface RunModel {
  /** Honey that could come, kg, before any share. */
  scale: { mean: number; sd: number };
  /** Natural logarithm of tau in viscous hours. */
  lnTau: { mean: number; sd: number };
  /** Beds for one guess at how much a stir or a press frees, against the published middle. */
  beds: (freed: number) => Bed[];
  /** Ways the bench and the bed may behave, equally likely before anything was weighed. */
  scenarios: readonly Scenario[];
}
/** One course the run may take. */
export interface Course {
  scale: number;
  tau: number;
  power: number;
  beds: readonly Bed[];
  clock: RunClock;
  /**
   * Chance of what comes after the last weighing: pace of the bench against what was typed, what
   * the last weight was off by, what is left against the model.
   */
  pace: number;
  offBy: number;
  left: number;
}

/** Degrees of freedom of the prior on tau: heavy tails, so that weighings may contradict it. */
const TAIL = 4;
const MOST_OBSERVATIONS = 24;
/**
 * Weighings beyond this many share what the model is off by: each further one counts less. A
 * starting value.
 */
const INDEPENDENT_OBSERVATIONS = 8;
/**
 * What is left does not quite follow the model, and its pace changes: standard deviations, starting
 * values.
 */
const PACE_SD = 0.04;
const LEFT_SD = 0.03;

/** Kilograms out at an hour of the run on one course. */
export function outOnCourse(
  { scale, tau, power, beds, clock }: Pick<Course, 'scale' | 'tau' | 'power' | 'beds' | 'clock'>,
  hours: number,
): number {
  const s = clock(hours);
  let share = 0;
  for (const bed of beds) {
    const since = s - clock(bed.hours);
    if (since > 0) share -= bed.share * Math.expm1(-Math.pow(since / (tau * bed.tauPart), power));
  }
  return scale * share;
}

/** What would come on a course if one waited for ever. */
export const finalOnCourse = (course: Pick<Course, 'scale' | 'beds'>): number =>
  course.scale * course.beds.reduce((sum, bed) => sum + bed.share, 0);

/** Many weighings close together say no more than a few: they share their scale and its drift. */
export function thinned(observations: readonly RunObservation[]): RunObservation[] {
  const sorted = [...observations].sort((a, b) => a.hours - b.hours);
  if (sorted.length <= MOST_OBSERVATIONS) return sorted;
  return Array.from({ length: MOST_OBSERVATIONS }, (_, i) => {
    const part = sorted.slice(
      Math.floor((i * sorted.length) / MOST_OBSERVATIONS),
      Math.floor(((i + 1) * sorted.length) / MOST_OBSERVATIONS),
    );
    const mean = (pick: (o: RunObservation) => number): number =>
      part.reduce((sum, o) => sum + pick(o), 0) / part.length;
    return {
      hours: mean((o) => o.hours),
      kg: mean((o) => o.kg),
      sdKg: Math.min(...part.map((o) => o.sdKg)),
    };
  });
}

interface Component {
  tau: number;
  scenario: Scenario;
  beds: Bed[];
  mean: number;
  sd: number;
  logWeight: number;
}

/**
 * Viscous hours since each bed began, for every observation: they do not depend on tau, so they are
 * worked out once.
 */
const sinceBeds = (
  scenario: Scenario,
  beds: readonly Bed[],
  observations: readonly RunObservation[],
): number[][] => {
  const begun = beds.map((bed) => scenario.clock(bed.hours));
  return observations.map(({ hours }) => {
    const s = scenario.clock(hours);
    return begun.map((start) => Math.max(0, s - start));
  });
};

/** Share out at an observation, by a tau and a power. */
function shareOut(
  since: readonly number[],
  beds: readonly Bed[],
  tau: number,
  power: number,
): number {
  let share = 0;
  for (let i = 0; i < beds.length; i++)
    if (since[i] > 0)
      share -= beds[i].share * Math.expm1(-Math.pow(since[i] / (tau * beds[i].tauPart), power));
  return share;
}

/**
 * Every tau in one scenario with its kilograms: for any course they are linear, so their posterior
 * is normal and its evidence exact.
 */
function componentsIn(
  model: RunModel,
  scenario: Scenario,
  observations: readonly RunObservation[],
  lnTaus: readonly number[],
): Component[] {
  const { scale, lnTau } = model;
  const beds = model.beds(scenario.freed);
  const since = sinceBeds(scenario, beds, observations);
  return lnTaus.map((ln) => {
    const z = (ln - lnTau.mean) / lnTau.sd;
    const tau = Math.exp(ln);
    let precision = 1 / scale.sd ** 2;
    let weighted = scale.mean / scale.sd ** 2;
    let squares = scale.mean ** 2 / scale.sd ** 2;
    observations.forEach(({ kg, sdKg }, i) => {
      const b = shareOut(since[i], beds, tau, scenario.power);
      precision += (b / sdKg) ** 2;
      weighted += (b * kg) / sdKg ** 2;
      squares += (kg / sdKg) ** 2;
    });
    const mean = weighted / precision;
    const logWeight =
      (-(TAIL + 1) / 2) * Math.log1p((z * z) / TAIL) -
      (squares - mean * mean * precision) / 2 -
      Math.log(precision * scale.sd ** 2) / 2;
    return { tau, scenario, beds, mean, sd: Math.sqrt(1 / precision), logWeight };
  });
}

const spread = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));

/** A standard normal number for each course and purpose. */
const chance = (i: number, base: number): number => jStat.normal.inv(evenly(i, base), 0, 1);

/** Log weights below the best that are not followed any further. */
const UNLIKELY = 12;
const WIDE_TAUS = 21;
const FINE_TAUS = 17;

/**
 * Components that the weighings leave possible: a wide look over tau in every scenario, then a fine
 * one where it is likely.
 */
function likelyComponents(model: RunModel, observations: readonly RunObservation[]): Component[] {
  const { mean, sd } = model.lnTau;
  const wideTaus = spread(mean - 5 * sd, mean + 5 * sd, WIDE_TAUS);
  const wide = model.scenarios.map((s) => componentsIn(model, s, observations, wideTaus));
  const best = Math.max(...wide.flat().map((c) => c.logWeight));
  const step = (10 * sd) / (WIDE_TAUS - 1);
  const fine = wide.flatMap((components) => {
    const likely = components.filter((c) => c.logWeight > best - UNLIKELY);
    if (!likely.length) return [];
    const taus = likely.map((c) => Math.log(c.tau));
    const fineTaus = spread(Math.min(...taus) - step, Math.max(...taus) + step, FINE_TAUS);
    const width = fineTaus[1] - fineTaus[0];
    // A wider look at one scenario has sparser points: each stands for its width.
    return componentsIn(model, likely[0].scenario, observations, fineTaus).map((c) => ({
      ...c,
      logWeight: c.logWeight + Math.log(width),
    }));
  });
  const top = Math.max(...fine.map((c) => c.logWeight));
  return fine.filter((c) => c.logWeight > top - UNLIKELY);
}

/**
 * Courses the run may take, all equally likely, given what was weighed: tau on a grid in every
 * scenario, the kilograms exactly; then `count` of them picked evenly. Without weighings they are
 * the prior.
 */
export function coursesOf(
  model: RunModel,
  observed: readonly RunObservation[],
  count = 260,
): Course[] {
  const few = thinned(observed);
  const shared = Math.sqrt(Math.max(1, few.length / INDEPENDENT_OBSERVATIONS));
  const observations = few.map((o) => ({ ...o, sdKg: o.sdKg * shared }));
  // In the order of tau: picked at even steps of chance, every scenario then meets quick and slow
  // beds alike.
  const kept = likelyComponents(model, observations).sort((a, b) => a.tau - b.tau);
  const top = Math.max(...kept.map((c) => c.logWeight));
  const weights = kept.map((c) => Math.exp(c.logWeight - top));
  const total = weights.reduce((a, b) => a + b, 0);
  const courses: Course[] = [];
  let at = 0;
  let sum = weights[0];
  for (let i = 0; i < count; i++) {
    const wanted = ((i + 0.5) / count) * total;
    while (sum < wanted && at < kept.length - 1) sum += weights[++at];
    const { tau, scenario, beds, mean: kg, sd: kgSd } = kept[at];
    courses.push({
      scale: Math.max(0, kg + kgSd * chance(i, 2)),
      tau,
      power: scenario.power,
      clock: scenario.clock,
      beds,
      pace: Math.exp(PACE_SD * chance(i, 3)),
      offBy: chance(i, 5),
      left: Math.max(0.3, 1 + LEFT_SD * chance(i, 7)),
    });
  }
  return courses;
}

/** The 90 % range of equally likely values; `share` of them beyond each end. */
export function rangeOfValues(values: readonly number[], beyond = 0.05): Range {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (p: number): number =>
    sorted[between(0, sorted.length - 1, Math.round(p * (sorted.length - 1)))];
  return { low: at(beyond), mid: at(0.5), high: at(1 - beyond) };
}
