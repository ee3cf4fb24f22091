import { between } from '../units/between.js';
import { endOf } from '../units/known.js';
import jStat from 'jstat';
import type { Say } from '../say/say.js';
import { addDays, daysBetween } from '../units/dates.js';
import { evenly } from '../units/seeded.js';
import { asDate } from './finding.js';
import { lookSay } from './says.js';

/** Capped share of the honey (0 to 1) of one comb at one look. */
export interface CappedLook {
  date: string;
  cappedShare: number;
}
/**
 * How fast capping goes in this household: logits a day, its spread, and how many pairs of looks it
 * rests on.
 */
export interface CappingPace {
  perDay: number;
  sd: number;
  pairs: number;
}

/**
 * Starting pace where a household has no pairs of looks yet: 0.12 ± 0.08 logits a day, which takes
 * a comb from half to four fifths capped in one to five weeks. A starting range of the code,
 * narrowed by the household's looks.
 */
export const STARTING_PACE: CappingPace = { perDay: 0.12, sd: 0.08, pairs: 0 };
/**
 * How far off a reading of a share by eye is, in logits: about 8 points of a hundred in the middle.
 */
const READING_SD = 0.35;
/** A range that holds four of five leaves a tenth on either side. */
const OUTSIDE_80 = 0.1;

const logit = (share: number): number => {
  const p = between(0.01, 0.99, share);
  return Math.log(p / (1 - p));
};

/**
 * Pairs of consecutive looks at the same comb that tell of a pace: 2 to 40 days apart, neither
 * nothing nor all capped.
 */
function pairsOf(looks: readonly CappedLook[]): { perDay: number; weight: number }[] {
  const sorted = [...looks].sort((a, b) => a.date.localeCompare(b.date));
  return sorted.slice(1).flatMap((later, i) => {
    const earlier = sorted[i];
    const days = daysBetween(earlier.date, later.date);
    if (days < 2 || days > 40 || earlier.cappedShare > 0.97 || later.cappedShare < 0.02) return [];
    return [
      { perDay: (logit(later.cappedShare) - logit(earlier.cappedShare)) / days, weight: days ** 2 },
    ];
  });
}

/**
 * The household's own pace from all its combs, shrunk toward the starting pace while pairs are few
 * (as if the start were worth five pairs, SCIENCE 12).
 */
export function householdPace(combs: readonly (readonly CappedLook[])[]): CappingPace {
  const pairs = combs.flatMap(pairsOf);
  const n = pairs.length;
  if (n === 0) return STARTING_PACE;
  const weight = pairs.reduce((s, p) => s + p.weight, 0);
  const mean = pairs.reduce((s, p) => s + p.perDay * p.weight, 0) / weight;
  const spread = Math.sqrt(
    pairs.reduce((s, p) => s + p.weight * (p.perDay - mean) ** 2, 0) / weight,
  );
  const own = n / (n + 5);
  return {
    perDay: STARTING_PACE.perDay * (1 - own) + mean * own,
    sd: Math.max(0.02, STARTING_PACE.sd * (1 - own) + spread * own),
    pairs: n,
  };
}

export interface CappedForecast {
  /**
   * The dates between which the comb meets the share, four times in five; null at the late end:
   * perhaps not this season.
   */
  earliest: string;
  latest: string | null;
  middle: string | null;
  perDay: number;
  /** Whether the share rose since the look before; one that stalls or falls gets no date. */
  rising: boolean;
  /** Share expected on a date, as a range, for drawing. */
  at: (date: string) => { low: number; mid: number; high: number };
}

/**
 * A season's weather as one comb may meet it after its last look, in logits and days. All starting
 * ranges.
 */
const SEASON = {
  /** The flow may end on any day: it lasts some three weeks more. */
  stopsAfterDays: 20,
  /** A gap of rain or dearth, until something blooms again. */
  gapDays: 21,
  /** In a gap caps stand still or are eaten open, logits a day at the most. */
  fallsPerDay: 0.04,
  /** Good and bad days add up: standard deviation of the level after one day. */
  unevenPerRootDay: 0.1,
} as const;
const COURSES = 240;
const LONGEST_DAYS = 120;

/** One course of a comb after its last look: level in logits by day. */
type LevelCourse = (days: number) => number;

/**
 * What is drawn for each course, before anything of a comb is known: the same for all, so it is
 * drawn once.
 */
interface CourseDraw {
  pace: number;
  level: number;
  stops: number;
  gap: number;
  falls: number;
  uneven: number;
}
let drawn: readonly CourseDraw[] | null = null;
function drawsOfCourses(): readonly CourseDraw[] {
  const normal = (i: number, base: number): number => jStat.normal.inv(evenly(i, base), 0, 1);
  const waiting = (i: number, base: number, meanDays: number): number =>
    -Math.log(1 - evenly(i, base)) * meanDays;
  drawn ??= Array.from({ length: COURSES }, (_, i) => ({
    pace: normal(i, 2),
    level: normal(i, 3),
    stops: waiting(i, 5, SEASON.stopsAfterDays),
    gap: waiting(i, 7, SEASON.gapDays),
    falls: SEASON.fallsPerDay * evenly(i, 11),
    uneven: SEASON.unevenPerRootDay * normal(i, 13),
  }));
  return drawn;
}

/**
 * Courses a comb may take, equally likely: its pace and level as read, and a flow that may stop,
 * fall and go on.
 */
function coursesAfter(read: {
  atLast: number;
  levelSd: number;
  perDay: number;
  paceSd: number;
}): LevelCourse[] {
  return drawsOfCourses().map((draw) => {
    const perDay = read.perDay + read.paceSd * draw.pace;
    const start = read.atLast + read.levelSd * draw.level;
    const { stops, gap, falls, uneven } = draw;
    return (days) => {
      const inGap = between(0, gap, days - stops);
      const inFlow = Math.min(days, stops) + Math.max(0, days - stops - gap);
      return start + perDay * inFlow - falls * inGap + uneven * Math.sqrt(Math.max(0, days));
    };
  });
}

/**
 * When a comb will meet its share. Its pace is the comb's own, shrunk toward the household's
 * (normal prior, the eye's own error, good and bad days between looks), its height that of the last
 * looks; from the last look on the flow may stop, the caps may stand still or be eaten open, and a
 * later flow may go on: that is in the range. Needs two looks; one gives no date, which is null.
 * Takes the looks, the share asked (0 to 1), the household's pace and today; dates before today are
 * today. Coverage on made-up seasons of another generator is in the tests.
 */
export function cappedForecast(input: {
  looks: readonly CappedLook[];
  need: number;
  pace: CappingPace;
  today: string;
}): CappedForecast | null {
  const looks = [...input.looks]
    .sort((a, b) => a.date.localeCompare(b.date))
    .filter((l) => daysBetween(l.date, input.today) >= 0 && daysBetween(l.date, input.today) < 60);
  if (looks.length < 2) return null;
  const last = looks[looks.length - 1];
  const t = looks.map((l) => daysBetween(last.date, l.date));
  const y = looks.map((l) => logit(l.cappedShare));
  const tMean = t.reduce((a, b) => a + b, 0) / t.length;
  const yMean = y.reduce((a, b) => a + b, 0) / y.length;
  const sxx = t.reduce((s, ti) => s + (ti - tMean) ** 2, 0);
  const sxy = t.reduce((s, ti, i) => s + (ti - tMean) * (y[i] - yMean), 0);
  // The slope between looks is off by the eye, and by the days between them, of which few were
  // alike.
  const spanDays = Math.max(1, -t[0]);
  const slopeVariance =
    READING_SD ** 2 / Math.max(1e-9, sxx) + SEASON.unevenPerRootDay ** 2 / spanDays;
  const precision = 1 / slopeVariance + 1 / input.pace.sd ** 2;
  const slope = sxx > 0 ? sxy / sxx : input.pace.perDay;
  const perDay = (slope / slopeVariance + input.pace.perDay / input.pace.sd ** 2) / precision;
  const courses = coursesAfter({
    atLast: yMean - perDay * tMean,
    levelSd: READING_SD / Math.sqrt(looks.length),
    perDay,
    paceSd: Math.sqrt(1 / precision),
  });
  const target = logit(input.need);
  const ahead = daysBetween(last.date, input.today);
  const firstDays = courses.map((course) => firstDay(course, target, ahead)).sort((a, b) => a - b);
  const dated = (share: number): string | null => {
    const day = firstDays[Math.round(share * (firstDays.length - 1))];
    return Number.isFinite(day) ? addDays(last.date, day) : null;
  };
  const earliest = dated(OUTSIDE_80);
  if (earliest === null) return null;
  const share = (v: number): number => 1 / (1 + Math.exp(-v));
  return {
    earliest,
    middle: dated(0.5),
    latest: dated(1 - OUTSIDE_80),
    perDay,
    rising: isRising(looks),
    at: (date) => {
      const days = daysBetween(last.date, date);
      const levels = courses.map((course) => course(days)).sort((a, b) => a - b);
      const at = (part: number): number => share(levels[Math.round(part * (levels.length - 1))]);
      return { low: at(OUTSIDE_80), mid: at(0.5), high: at(1 - OUTSIDE_80) };
    },
  };
}

/**
 * First day from `ahead` on which a course is at the target; Infinity where it is not within the
 * longest wait.
 */
function firstDay(course: LevelCourse, target: number, ahead: number): number {
  for (let day = ahead; day <= ahead + LONGEST_DAYS; day++) if (course(day) >= target) return day;
  return Infinity;
}

/** Less change than this between two looks is the eye's own error. */
const STALL = 0.01;
/**
 * Whether the capped share rose between the last two looks; one that is nearly all capped has
 * nowhere to rise to.
 */
function isRising(looks: readonly CappedLook[]): boolean {
  const [before, last] = looks.slice(-2);
  return last.cappedShare - before.cappedShare > STALL || last.cappedShare > 0.97;
}

export interface LastBarForecast {
  front: number;
  lastBar: number;
  barsPerWeek: number;
  earliest: string;
  latest: string | null;
}

/**
 * When comb will be drawn on the last bar of a top-bar hive, after which the follower board is
 * stuck: the comb front (the hindmost bar with comb) moves by the bars built this season. Takes the
 * bars with the dates their combs were begun, the last bar in front of the board, and today. Null
 * with fewer than two combs built in the last 90 days, or where the front is there already. Range:
 * pace halved and doubled by the scatter of a count (± √n of n combs).
 */
export function lastBarForecast(input: {
  combs: readonly { bar: number; builtOn: string }[];
  lastBar: number;
  today: string;
}): LastBarForecast | null {
  const front = Math.max(0, ...input.combs.map((c) => c.bar));
  const recent = input.combs.filter(
    (c) => daysBetween(c.builtOn, input.today) >= 0 && daysBetween(c.builtOn, input.today) <= 90,
  );
  if (recent.length < 2 || front >= input.lastBar) return null;
  const first = recent.map((c) => c.builtOn).sort()[0];
  const days = Math.max(7, daysBetween(first, input.today));
  const perDay = (recent.length - 1) / days;
  if (perDay <= 0) return null;
  const scatter = Math.sqrt(recent.length) / recent.length;
  const left = input.lastBar - front;
  const slow = perDay * (1 - scatter);
  return {
    front,
    lastBar: input.lastBar,
    barsPerWeek: perDay * 7,
    earliest: addDays(input.today, Math.ceil(left / (perDay * (1 + scatter)))),
    latest: slow > 0.01 ? addDays(input.today, Math.ceil(left / slow)) : null,
  };
}

/**
 * The earliest day on which all failing rules can pass: the latest of what each one waits for, or
 * 'not this season' with the reason.
 */
export function comeBack(input: {
  today: string;
  capped: CappedForecast | null;
  looks: number;
  lookAgainDays: number;
  waitUntil: string | null;
  flowEndsOn: string | null;
  seasonEndsOn: string;
}): { date: string; sentence: Say } | { date: null; sentence: Say } {
  const { today, capped, waitUntil, flowEndsOn } = input;
  if (!capped) {
    const days = input.lookAgainDays;
    if (waitUntil && waitUntil > addDays(today, days))
      return {
        date: waitUntil,
        sentence: lookSay('look.comeBack.waiting-time', { on: asDate(waitUntil) }),
      };
    return {
      date: null,
      sentence: lookSay(
        input.looks < 2 ? 'look.comeBack.one-look' : 'look.comeBack.not-at-this-pace',
        { days },
      ),
    };
  }
  if (!capped.rising) return { date: null, sentence: lookSay('look.comeBack.not-riper') };
  const date = endOf([capped.earliest, waitUntil ?? ''].sort());
  const end = [flowEndsOn, input.seasonEndsOn].filter((d): d is string => d !== null).sort()[0];
  if (date > end)
    return {
      date: null,
      sentence: lookSay(
        flowEndsOn === end ? 'look.comeBack.flow-ends' : 'look.comeBack.season-ends',
        { on: asDate(date), ends: asDate(end) },
      ),
    };
  return { date, sentence: comeBackSaid(date, waitUntil, capped.latest) };
}

function comeBackSaid(date: string, waitUntil: string | null, latest: string | null): Say {
  const on = asDate(date);
  if (date === waitUntil) return lookSay('look.comeBack.after-waiting', { on });
  return latest
    ? lookSay('look.comeBack.from', { on, latest: asDate(latest) })
    : lookSay('look.comeBack.from-no-end', { on });
}
