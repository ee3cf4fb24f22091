import { between } from '../units/between.js';
import type { Range } from '../units/format.js';
import { NORMAL_95 } from './fit.js';
import {
  type Bed,
  type Course,
  coursesOf,
  finalOnCourse,
  rangeOfValues,
  type RunModel,
  type RunObservation,
} from './posterior.js';
import {
  FREED_BY_STIR,
  methodPrior,
  type MethodPrior,
  PRESS_TAU_PART,
  PRESSED_SHARE,
} from './priors.js';
import type { CrushMethod, Fineness } from '../records/vocabulary/bench.js';
import { BENCH_UNKNOWNS, scenariosOf, type Unknowns, UNREAD_BENCH_SD_C } from './scenarios.js';
import { standstill } from './standstill.js';
import { flowPerDegree, type TemperatureStep, viscousTime } from './viscousTime.js';

export interface DrainForecastInput {
  /** Honey in the crushed comb, kg, as a range (estimate or weighed comb less wax). */
  combHoneyKg: Range;
  method: CrushMethod;
  fineness?: Fineness;
  moisturePercent: number;
  /** Honey marked as gelling until stirred: the band opens. */
  thixotropic?: boolean;
  /** Temperature of the honey from an hour of the run on. */
  temperature: readonly TemperatureStep[];
  /**
   * Honey out so far, added up over draw-offs, at hours since the start; `sdKg` where it is less
   * sure than a bench scale.
   */
  weighings: readonly { hours: number; kg: number; sdKg?: number }[];
  stirHours: readonly number[];
  pressHours?: readonly number[];
  /** Draw-offs at the gate: when and how much left the lower vessel. */
  drawOffs: readonly { hours: number; kg: number }[];
  /** Honey the lower vessel holds when full to its mark, kg; null where its size is unknown. */
  lowerFullKg: number | null;
  nowHours: number;
  stopBelowGPerHour: number;
  /** The household's own share and tau; the published ones where it is not given. */
  prior?: MethodPrior;
  /** Hours at which kilograms are asked for besides the curve. */
  aheadHours?: readonly number[];
  /** Points of the curve; the default suits a screen. */
  points?: number;
}
export interface DrainForecast {
  finalKg: Range;
  /** Honey out at hours since the start, for the curve and its 90 % band. */
  curve: { hours: number; low: number; mid: number; high: number }[];
  outNowKg: Range;
  /** What has not come yet and still would, kg. */
  stillKg: Range;
  nineTenthsHours: Range;
  /** When less than the house's grams an hour will flow. */
  endHours: Range;
  /**
   * When the lower vessel is full, by the band's quick edge, its middle and its slow edge; null
   * where it will not fill.
   */
  overflowHours: { earliest: number; mid: number | null; latest: number | null } | null;
  rateGPerHour: Range;
  /**
   * Weighings stand still though honey should run: strainer blocked, or stuck. Nothing more is
   * forecast then.
   */
  stalled: boolean;
  ahead: { hours: number; low: number; mid: number; high: number }[];
  stopAdvised: boolean;
  weighingsUsed: number;
}

/** How far a single weighing may be off, as a part of the noise that is reckoned with. */
const OFF_SHARE = 0.5;
/** No drain is followed beyond this, hours. */
const LONGEST_HOURS = 24 * 20;
/**
 * Share of the courses that may fill the vessel before 'earliest': less than a band's edge, for a
 * vessel runs over once.
 */
const EARLY = 0.01;

/** Everything a forecast and its what-ifs rest on: the courses the run may take. */
export interface RunCourses {
  courses: Course[];
  /**
   * Kilograms out at an hour on one course, joined to the last weighing, never more than the comb
   * can have held.
   */
  out: (course: Course, hours: number) => number;
}

/**
 * Beds in the order in which they begin to run, for one guess at how much a stir or a press frees.
 */
function bedsOf(input: DrainForecastInput, firstShare: number): (freed: number) => Bed[] {
  const events = [
    ...input.stirHours.map((hours) => ({ hours, press: false })),
    ...(input.pressHours ?? []).map((hours) => ({ hours, press: true })),
  ].sort((a, b) => a.hours - b.hours);
  return (freed) => {
    const beds: Bed[] = [{ hours: 0, share: firstShare, tauPart: 1 }];
    let held = 1 - firstShare;
    for (const { hours, press } of events) {
      const target = Math.max(0, held - (1 - PRESSED_SHARE.mid));
      const share = Math.min(
        held,
        press ? target * Math.min(1.2, 0.6 + 0.4 * freed) : held * FREED_BY_STIR * freed,
      );
      beds.push({ hours, share, tauPart: press ? PRESS_TAU_PART : 1 });
      held -= share;
    }
    return beds;
  };
}

/** What nobody can know of this run: less where a thermometer was read while it ran. */
function unknownsOf(temperature: readonly TemperatureStep[]): Unknowns {
  const logged = temperature.filter((step) => step.logged).length;
  if (logged === 0) return BENCH_UNKNOWNS;
  // One reading fixes an hour, several the day: what is left of the swing falls with each.
  return { ...BENCH_UNKNOWNS, swingC: BENCH_UNKNOWNS.swingC / (1 + logged) };
}

/** What the run is before anything was weighed: kilograms, tau and everything unknown. */
function runModel(input: DrainForecastInput): RunModel {
  const { combHoneyKg, temperature, moisturePercent } = input;
  const prior = input.prior ?? methodPrior(input.method, input.fineness);
  const time = viscousTime(temperature, moisturePercent);
  // With no stir yet, mashed comb starts from the share before its two stirs.
  const firstShare =
    input.method === 'mash'
      ? 1 - (1 - prior.share.mid) / (1 - FREED_BY_STIR) ** 2
      : prior.share.mid;
  // A range is taken as a 90 % interval, so half its width is 1.645 standard deviations; the
  // share's own spread adds.
  const halfWidth = Math.max(combHoneyKg.high - combHoneyKg.low, 0.1 * combHoneyKg.mid, 0.02) / 2;
  const shareSpread = (prior.share.high - prior.share.low) / 2 / prior.share.mid;
  const gels = input.thixotropic ?? false;
  const scaleSd =
    Math.hypot(halfWidth, shareSpread * combHoneyKg.mid, gels ? 0.15 * combHoneyKg.mid : 0) /
    NORMAL_95;
  const benchSd = temperature.some((step) => step.logged)
    ? 0
    : UNREAD_BENCH_SD_C * flowPerDegree(temperature, moisturePercent);
  const tauSd = Math.log(prior.tauHours.high / prior.tauHours.low) / 2 / NORMAL_95;
  return {
    scale: { mean: combHoneyKg.mid, sd: Math.max(scaleSd, 0.005) },
    lnTau: {
      mean: Math.log(prior.tauHours.mid),
      sd: Math.max(0.12, gels ? 0.45 : 0, Math.hypot(tauSd, benchSd)),
    },
    beds: bedsOf(input, firstShare),
    scenarios: scenariosOf(time, temperature, moisturePercent, unknownsOf(temperature)),
  };
}

/**
 * A bench scale that drifts and a vessel set down askew: a share of the honey, a starting value.
 */
const WEIGHING_SHARE = 0.005;
/** What one weighing may be off by, kg. */
const noiseKg = (input: DrainForecastInput): number =>
  Math.max(0.01, WEIGHING_SHARE * input.combHoneyKg.mid);

/**
 * The courses a run may still take, given its weighings; what the forecast and every what-if are
 * read from.
 */
export function runCourses(input: DrainForecastInput): RunCourses {
  const { weighings } = input;
  const sdKg = noiseKg(input);
  const observations: RunObservation[] = weighings
    .filter((w) => w.hours > 0)
    .map((w) => ({ hours: w.hours, kg: w.kg, sdKg: Math.max(sdKg, w.sdKg ?? 0) }));
  const courses = coursesOf(runModel(input), observations);
  const last = weighings.reduce<(typeof weighings)[number] | null>(
    (latest, w) => (latest === null || w.hours >= latest.hours ? w : latest),
    null,
  );
  const mostKg = Math.max(input.combHoneyKg.high, last?.kg ?? 0);
  const atLast = new Map(courses.map((course) => [course, last ? course.outKg(last.hours) : 0]));
  return {
    courses,
    out: (course, hours) => {
      // What has been weighed out is out: from there on the course goes on from the scale, never
      // down.
      if (!last || hours < last.hours) return Math.min(mostKg, course.outKg(hours));
      const { pace, left, offBy } = course;
      const since = hours - last.hours;
      const more = course.outKg(last.hours + since * pace) - atLast.get(course)!;
      const off = offBy * sdKg * OFF_SHARE * Math.min(1, since / 0.5);
      return between(0, mostKg, last.kg + off + left * Math.max(0, more));
    },
  };
}

/**
 * Forecast of a drain by the model of SCIENCE 4 in viscous time: a bed that lets out its share with
 * one rate, and after each stir, mashing or press a new bed holding what that freed. The method's
 * published share and tau (or the household's own) are the prior; weighings narrow it. Doubt about
 * the single rate and about stirring is part of the band, which is 90 %: its coverage is tested on
 * runs of another generator. Pure; 500 weighings take some 20 ms. Overflow is given by the early
 * (unfavourable) edge.
 */
export function drainForecast(input: DrainForecastInput): DrainForecast {
  const stands = standstill(
    input.weighings,
    touchesOf(input),
    (weighings) => {
      const before = runCourses({ ...input, weighings });
      return (from, to) =>
        rangeOfValues(before.courses.map((c) => before.out(c, to) - before.out(c, from))).low;
    },
    noiseKg(input),
  );
  if (stands) return standingStill(input, stands.kg);
  const run = runCourses(input);
  const { courses, out } = run;
  const { nowHours } = input;
  const finals = courses.map((course) => finalOut(run, course, input));
  const finalKg = rangeOfValues(finals);
  const nineTenths = rangeOfValues(
    courses.map((course, i) => hoursUntil((h) => out(course, h) >= 0.9 * finals[i])),
  );
  const rateOn = (course: Course, hours: number): number =>
    Math.max(0, (out(course, hours + 0.1) - out(course, hours)) * 10_000);
  const rates = courses.map((course) => rateOn(course, nowHours));
  const ends = courses.map((course) =>
    rateOn(course, nowHours) < input.stopBelowGPerHour && nowHours > 0
      ? nowHours
      : hoursUntil((h) => h > nowHours && rateOn(course, h) < input.stopBelowGPerHour),
  );
  const horizon = Math.min(LONGEST_HOURS, Math.max(nineTenths.high * 1.25, nowHours * 1.2, 2));
  const points = input.points ?? 72;
  const curve = Array.from({ length: points + 1 }, (_, i) => {
    const hours = (horizon * i) / points;
    return { hours, ...rangeOfValues(courses.map((course) => out(course, hours))) };
  });
  const outNowKg = rangeOfValues(courses.map((course) => out(course, nowHours)));
  const rateGPerHour = rangeOfValues(rates);
  return {
    finalKg,
    curve,
    outNowKg,
    stillKg: rangeOfValues(
      courses.map((course, i) => Math.max(0, finals[i] - out(course, nowHours))),
    ),
    nineTenthsHours: nineTenths,
    endHours: rangeOfValues(ends),
    overflowHours: overflow(),
    rateGPerHour,
    stalled: false,
    ahead: (input.aheadHours ?? []).map((hours) => ({
      hours,
      ...rangeOfValues(courses.map((course) => out(course, hours))),
    })),
    stopAdvised:
      nowHours > 0 && rateGPerHour.mid < input.stopBelowGPerHour && input.weighings.length > 0,
    weighingsUsed: input.weighings.length,
  };

  function overflow(): DrainForecast['overflowHours'] {
    if (input.lowerFullKg === null) return null;
    const full = input.lowerFullKg + input.drawOffs.reduce((sum, d) => sum + d.kg, 0);
    const times = courses
      .map((course, i) => (finals[i] < full ? Infinity : hoursUntil((h) => out(course, h) >= full)))
      .sort((a, b) => a - b);
    const at = (share: number): number => times[Math.round(share * (times.length - 1))];
    const orNull = (hours: number): number | null => (Number.isFinite(hours) ? hours : null);
    const earliest = orNull(at(EARLY));
    return earliest === null ? null : { earliest, mid: orNull(at(0.5)), latest: orNull(at(0.95)) };
  }
}

/**
 * Hours at which somebody stirred, mashed or pressed: what stood still before says nothing of
 * after.
 */
const touchesOf = (input: DrainForecastInput): number[] => [
  ...input.stirHours,
  ...(input.pressHours ?? []),
];

/**
 * A run that has stopped: what is out is out, and nothing more is forecast until somebody has
 * looked.
 */
function standingStill(input: DrainForecastInput, kg: number): DrainForecast {
  const { nowHours } = input;
  const stays = { low: kg, mid: kg, high: kg };
  const none = { low: 0, mid: 0, high: 0 };
  const now = { low: nowHours, mid: nowHours, high: nowHours };
  return {
    finalKg: stays,
    curve: [0, nowHours].map((hours) => ({ hours, ...(hours === nowHours ? stays : none) })),
    outNowKg: stays,
    stillKg: none,
    nineTenthsHours: now,
    endHours: now,
    overflowHours: null,
    rateGPerHour: none,
    stalled: true,
    ahead: (input.aheadHours ?? []).map((hours) => ({ hours, ...stays })),
    stopAdvised: false,
    weighingsUsed: input.weighings.length,
  };
}

/** What will have come in the end on one course, never less than was weighed. */
function finalOut(run: RunCourses, course: Course, input: DrainForecastInput): number {
  const last = Math.max(0, ...input.weighings.map((w) => w.hours));
  return input.weighings.length
    ? Math.max(run.out(course, last), run.out(course, LONGEST_HOURS))
    : finalOnCourse(course);
}

/**
 * First hour at which something holds and stays so, by halving; the longest drain where it does
 * not.
 */
function hoursUntil(holds: (hours: number) => boolean): number {
  if (!holds(LONGEST_HOURS)) return LONGEST_HOURS;
  let [low, high] = [0, LONGEST_HOURS];
  // The first day is looked through quickly: most times lie there.
  for (const probe of [0.5, 2, 8, 24, 72]) {
    if (holds(probe)) {
      high = probe;
      break;
    }
    low = probe;
  }
  for (let i = 0; i < 15; i++) {
    const mid = (low + high) / 2;
    if (holds(mid)) high = mid;
    else low = mid;
  }
  return high;
}
