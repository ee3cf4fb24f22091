import jStat from 'jstat';
import type { Range } from '../units/format.js';

/** Honey that begins to run at a viscous hour: a share of what is in the comb, with the run's own tau or a part of it. */
export interface Bed {
  s: number;
  share: number;
  /** Tau of this bed as a part of the run's: 1 for a bed under its own weight, less under a press. */
  tauPart: number;
}
export interface RunObservation {
  s: number;
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
  /** Whether anything was freed at all, so that it has to be guessed. */
  anyFreed: boolean;
  /** Honey that does not obey viscosity: the band opens. */
  thixotropic: boolean;
}
/** One course the run may take. */
export interface Course {
  scale: number;
  tau: number;
  power: number;
  beds: readonly Bed[];
  /** Chance of what comes after the last weighing: pace of the bench against what was typed, what the last weight was off by, what is left against the model. */
  pace: number;
  offBy: number;
  left: number;
}

/**
 * Doubt about the model itself. One rate is an idealisation: real beds let go quickly at first and slowly later,
 * which a power below 1 on time imitates. Chosen so that the band holds on runs of another generator (tests).
 */
const POWERS: readonly (readonly [power: number, weight: number])[] = [
  [0.68, 0.18],
  [0.82, 0.3],
  [0.95, 0.32],
  [1.08, 0.2],
];
const FREED: readonly (readonly [times: number, weight: number])[] = [
  [0.35, 0.25],
  [1, 0.5],
  [1.65, 0.25],
];
/** Degrees of freedom of the prior on tau: heavy tails, so that weighings may contradict it. */
const TAIL = 4;
const MOST_OBSERVATIONS = 24;
/** The bench is not quite as warm as typed, and what is left does not quite follow the model: standard deviations, chosen with the powers. */
const PACE_SD = 0.06;
const LEFT_SD = 0.04;

/** Kilograms out at viscous hour s on one course. */
export function outOnCourse(
  { scale, tau, power, beds }: Pick<Course, 'scale' | 'tau' | 'power' | 'beds'>,
  s: number,
): number {
  let share = 0;
  for (const bed of beds) {
    const since = s - bed.s;
    if (since > 0) share -= bed.share * Math.expm1(-Math.pow(since / (tau * bed.tauPart), power));
  }
  return scale * share;
}

/** What would come on a course if one waited for ever. */
export const finalOnCourse = (course: Pick<Course, 'scale' | 'beds'>): number =>
  course.scale * course.beds.reduce((sum, bed) => sum + bed.share, 0);

/** Many weighings close together say no more than a few: they share their scale and its drift. */
export function thinned(observations: readonly RunObservation[]): RunObservation[] {
  const sorted = [...observations].sort((a, b) => a.s - b.s);
  if (sorted.length <= MOST_OBSERVATIONS) return sorted;
  return Array.from({ length: MOST_OBSERVATIONS }, (_, i) => {
    const part = sorted.slice(
      Math.floor((i * sorted.length) / MOST_OBSERVATIONS),
      Math.floor(((i + 1) * sorted.length) / MOST_OBSERVATIONS),
    );
    const mean = (pick: (o: RunObservation) => number): number =>
      part.reduce((sum, o) => sum + pick(o), 0) / part.length;
    return {
      s: mean((o) => o.s),
      kg: mean((o) => o.kg),
      sdKg: Math.min(...part.map((o) => o.sdKg)),
    };
  });
}

interface Component {
  tau: number;
  power: number;
  beds: Bed[];
  mean: number;
  sd: number;
  logWeight: number;
}

function componentsOver(
  model: RunModel,
  observations: readonly RunObservation[],
  lnTaus: readonly number[],
): Component[] {
  const { scale, lnTau } = model;
  const found: Component[] = [];
  for (const [freed, freedWeight] of model.anyFreed ? FREED : ([[1, 1]] as const)) {
    const beds = model.beds(freed);
    for (const [power, powerWeight] of POWERS) {
      for (const ln of lnTaus) {
        const z = (ln - lnTau.mean) / lnTau.sd;
        let logWeight =
          Math.log(freedWeight * powerWeight) - ((TAIL + 1) / 2) * Math.log1p((z * z) / TAIL);
        const course = { scale: 1, tau: Math.exp(ln), power, beds };
        // For any course the kilograms are linear, so their posterior is normal and its evidence exact.
        let precision = 1 / scale.sd ** 2;
        let weighted = scale.mean / scale.sd ** 2;
        let squares = scale.mean ** 2 / scale.sd ** 2;
        for (const { s, kg, sdKg } of observations) {
          const b = outOnCourse(course, s);
          precision += (b / sdKg) ** 2;
          weighted += (b * kg) / sdKg ** 2;
          squares += (kg / sdKg) ** 2;
        }
        const mean = weighted / precision;
        logWeight -=
          (squares - mean * mean * precision) / 2 + Math.log(precision * scale.sd ** 2) / 2;
        found.push({ tau: course.tau, power, beds, mean, sd: Math.sqrt(1 / precision), logWeight });
      }
    }
  }
  return found;
}

const spread = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));

/** The i-th number of a Halton sequence: even over 0 to 1 for any count, together with other bases too, and the same every time. */
export function evenly(i: number, base = 2): number {
  let at = 0;
  for (let n = i + 1, part = 1 / base; n > 0; n = Math.floor(n / base), part /= base)
    at += (n % base) * part;
  return at;
}
/** A standard normal number for each course and purpose. */
const chance = (i: number, base: number): number => jStat.normal.inv(evenly(i, base), 0, 1);

/**
 * Courses the run may take, all equally likely, given what was weighed: tau, power and what stirs freed on a
 * grid, the kilograms exactly; then `count` of them picked evenly. Without weighings they are the prior.
 */
export function coursesOf(
  model: RunModel,
  observed: readonly RunObservation[],
  count = 220,
): Course[] {
  const observations = thinned(observed);
  const { mean, sd } = model.lnTau;
  const wide = componentsOver(model, observations, spread(mean - 6 * sd, mean + 6 * sd, 31));
  const best = Math.max(...wide.map((c) => c.logWeight));
  const likely = wide.filter((c) => c.logWeight > best - 12).map((c) => Math.log(c.tau));
  const step = (12 * sd) / 30;
  const fine = componentsOver(
    model,
    observations,
    spread(Math.min(...likely) - step, Math.max(...likely) + step, 25),
  );
  const top = Math.max(...fine.map((c) => c.logWeight));
  const kept = fine.filter((c) => c.logWeight > top - 12);
  const weights = kept.map((c) => Math.exp(c.logWeight - top));
  const total = weights.reduce((a, b) => a + b, 0);
  const courses: Course[] = [];
  let at = 0;
  let sum = weights[0];
  for (let i = 0; i < count; i++) {
    const wanted = ((i + 0.5) / count) * total;
    while (sum < wanted && at < kept.length - 1) sum += weights[++at];
    const { tau, power, beds, mean: kg, sd: kgSd } = kept[at];
    courses.push({
      scale: Math.max(0, kg + kgSd * chance(i, 2)),
      tau,
      power,
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
    sorted[Math.min(sorted.length - 1, Math.max(0, Math.round(p * (sorted.length - 1))))];
  return { low: at(beyond), mid: at(0.5), high: at(1 - beyond) };
}
