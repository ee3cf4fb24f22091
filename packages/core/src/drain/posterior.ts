import { between } from '../units/between.js';
import jStat from 'jstat';
import type { Range } from '../units/format.js';
import { evenly } from '../units/seeded.js';
import { shareLetOut } from './letOut.js';
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
/** What a course is made of: honey that could come, how fast, by which clock. */
export interface CourseParts {
  scale: number;
  tau: number;
  power: number;
  beds: readonly Bed[];
  clock: RunClock;
}
/** One course the run may take. */
export interface Course extends CourseParts {
  /** Kilograms out at an hour of the run, by the model alone. */
  outKg: (hours: number) => number;
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

/**
 * Kilograms out by the hour of the run on one course: each bed lets out its share by
 * 1 − e^(−(s ÷ tau)^power), s being viscous hours since it began. What all hours have in common is
 * worked out once, for a forecast asks thousands of them.
 */
export function outBy({ scale, tau, power, beds, clock }: CourseParts): (hours: number) => number {
  const begun = beds.map((bed) => clock(bed.hours));
  const lnTaus = beds.map((bed) => Math.log(tau * bed.tauPart));
  return (hours) => {
    const s = clock(hours);
    let share = 0;
    for (let i = 0; i < beds.length; i++) {
      const since = s - begun[i];
      if (since > 0) share += beds[i].share * shareLetOut(power * (Math.log(since) - lnTaus[i]));
    }
    return scale * share;
  };
}

/** What would come on a course if one waited for ever. */
export const finalOnCourse = (course: Pick<CourseParts, 'scale' | 'beds'>): number =>
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
 * Natural logarithm of the viscous hours since each bed began, observation by observation, minus
 * infinity before: what does not depend on tau is worked out once.
 */
function lnAgesOfBeds(
  scenario: Scenario,
  beds: readonly Bed[],
  observations: readonly RunObservation[],
): Float64Array {
  const begun = beds.map((bed) => scenario.clock(bed.hours));
  const lnAges = new Float64Array(observations.length * beds.length).fill(-Infinity);
  observations.forEach(({ hours }, row) => {
    const s = scenario.clock(hours);
    beds.forEach(({ tauPart }, i) => {
      const since = (s - begun[i]) / tauPart;
      if (since > 0) lnAges[row * beds.length + i] = Math.log(since);
    });
  });
  return lnAges;
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
  const shares = Float64Array.from(beds, (bed) => bed.share);
  const lnAges = lnAgesOfBeds(scenario, beds, observations);
  const priorPrecision = 1 / scale.sd ** 2;
  const squares = observations.reduce(
    (sum, { kg, sdKg }) => sum + (kg / sdKg) ** 2,
    scale.mean ** 2 * priorPrecision,
  );
  return lnTaus.map((ln) => {
    const z = (ln - lnTau.mean) / lnTau.sd;
    let precision = priorPrecision;
    let weighted = scale.mean * priorPrecision;
    for (let row = 0, at = 0; row < observations.length; row++) {
      const { kg, sdKg } = observations[row];
      let shareOut = 0;
      for (let i = 0; i < shares.length; i++, at++)
        shareOut += shares[i] * shareLetOut(scenario.power * (lnAges[at] - ln));
      const known = shareOut / (sdKg * sdKg);
      precision += shareOut * known;
      weighted += kg * known;
    }
    const mean = weighted / precision;
    const logWeight =
      (-(TAIL + 1) / 2) * Math.log1p((z * z) / TAIL) -
      (squares - mean * mean * precision) / 2 -
      Math.log(precision / priorPrecision) / 2;
    return { tau: Math.exp(ln), scenario, beds, mean, sd: Math.sqrt(1 / precision), logWeight };
  });
}

const spread = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));

/** Standard normal numbers by purpose and course: always the same, so each is worked out once. */
const chances = new Map<number, number[]>();
function chance(i: number, base: number): number {
  const known = chances.get(base) ?? [];
  chances.set(base, known);
  return (known[i] ??= jStat.normal.inv(evenly(i, base), 0, 1));
}

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
  const fine = wide.flatMap((coarse) => {
    const likely = coarse.filter((c) => c.logWeight > best - UNLIKELY);
    if (!likely.length) return [];
    const taus = likely.map((c) => Math.log(c.tau));
    const fineTaus = spread(Math.min(...taus) - step, Math.max(...taus) + step, FINE_TAUS);
    const width = fineTaus[1] - fineTaus[0];
    // A wider look at one scenario has sparser points: each stands for its width.
    const components = componentsIn(model, likely[0].scenario, observations, fineTaus);
    for (const c of components) c.logWeight += Math.log(width);
    return components;
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
    const parts = {
      scale: Math.max(0, kg + kgSd * chance(i, 2)),
      tau,
      power: scenario.power,
      clock: scenario.clock,
      beds,
    };
    courses.push({
      ...parts,
      outKg: outBy(parts),
      pace: Math.exp(PACE_SD * chance(i, 3)),
      offBy: chance(i, 5),
      left: Math.max(0.3, 1 + LEFT_SD * chance(i, 7)),
    });
  }
  return courses;
}

/** The 90 % range of equally likely values; `share` of them beyond each end. */
export function rangeOfValues(values: readonly number[], beyond = 0.05): Range {
  const sorted = Float64Array.from(values).sort();
  const at = (p: number): number =>
    sorted[between(0, sorted.length - 1, Math.round(p * (sorted.length - 1)))];
  return { low: at(beyond), mid: at(0.5), high: at(1 - beyond) };
}
