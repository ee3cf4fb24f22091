import { dateWords } from '../units/dates.js';
import { addDays, daysBetween } from '../units/dates.js';

/** Capped share of the honey (0 to 1) of one comb at one look. */
export interface CappedLook {
  date: string;
  cappedShare: number;
}
/** How fast capping goes in this household: logits a day, its spread, and how many pairs of looks it rests on. */
export interface CappingPace {
  perDay: number;
  sd: number;
  pairs: number;
}

/**
 * Starting pace where a household has no pairs of looks yet: 0.12 ± 0.08 logits a day, which takes a comb from
 * half to four fifths capped in one to five weeks. A starting range of the code, narrowed by the household's looks.
 */
export const STARTING_PACE: CappingPace = { perDay: 0.12, sd: 0.08, pairs: 0 };
/** How far off a reading of a share by eye is, in logits: about 8 points of a hundred in the middle. */
const READING_SD = 0.35;
/** Two-sided 80 % of a normal. */
const Z80 = 1.2816;

const logit = (share: number): number => {
  const p = Math.min(0.99, Math.max(0.01, share));
  return Math.log(p / (1 - p));
};

/** Pairs of consecutive looks at the same comb that tell of a pace: 2 to 40 days apart, neither nothing nor all capped. */
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
 * The household's own pace from all its combs, shrunk toward the starting pace while pairs are few (as if the
 * start were worth five pairs, SCIENCE 12).
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
  /** The dates between which the comb meets the share, four times in five; null at the late end: perhaps not this season. */
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
 * When a comb will meet its share: a logistic in time, its pace the comb's own shrunk toward the household's
 * (normal prior, normal reading error), its height the last looks'. Needs two looks; one gives no date, which is
 * null. Takes the looks, the share asked (0 to 1), the household's pace and today; dates before today are today.
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
  // Posterior of the pace: the comb's own least squares weighed against the household's.
  const precision = sxx / READING_SD ** 2 + 1 / input.pace.sd ** 2;
  const perDay = (sxy / READING_SD ** 2 + input.pace.perDay / input.pace.sd ** 2) / precision;
  const paceSd = Math.sqrt(1 / precision);
  const levelSd = READING_SD / Math.sqrt(looks.length);
  const level = (days: number): { mid: number; sd: number } => ({
    mid: yMean + perDay * (days - tMean),
    sd: Math.hypot(levelSd, paceSd * (days - tMean)),
  });
  const target = logit(input.need);
  const ahead = daysBetween(last.date, input.today);
  /** First day from today on which the level plus `z` spreads meets the target; null beyond 120 days. */
  const firstDay = (z: number): number | null => {
    for (let day = ahead; day <= ahead + 120; day++) {
      const { mid, sd } = level(day);
      if (mid + z * sd >= target) return day;
    }
    return null;
  };
  const earliest = firstDay(Z80);
  if (earliest === null) return null;
  const [middle, latest] = [firstDay(0), firstDay(-Z80)];
  const share = (v: number): number => 1 / (1 + Math.exp(-v));
  const dated = (day: number | null): string | null =>
    day === null ? null : addDays(last.date, day);
  return {
    earliest: dated(earliest)!,
    middle: dated(middle),
    latest: dated(latest),
    perDay,
    rising: isRising(looks),
    at: (date) => {
      const { mid, sd } = level(daysBetween(last.date, date));
      return { low: share(mid - Z80 * sd), mid: share(mid), high: share(mid + Z80 * sd) };
    },
  };
}

/** Less change than this between two looks is the eye's own error. */
const STALL = 0.01;
/** Whether the capped share rose between the last two looks; one that is nearly all capped has nowhere to rise to. */
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
 * When comb will be drawn on the last bar of a top-bar hive, after which the follower board is stuck: the comb
 * front (the hindmost bar with comb) moves by the bars built this season. Takes the bars with the dates their
 * combs were begun, the last bar in front of the board, and today. Null with fewer than two combs built in the
 * last 90 days, or where the front is there already. Range: pace halved and doubled by the scatter of a count (± √n of n combs).
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

/** The earliest day on which all failing rules can pass: the latest of what each one waits for, or 'not this season' with the reason. */
export function comeBack(input: {
  today: string;
  capped: CappedForecast | null;
  looks: number;
  lookAgainDays: number;
  waitUntil: string | null;
  flowEndsOn: string | null;
  seasonEndsOn: string;
}): { date: string; sentence: string } | { date: null; sentence: string } {
  const { today, capped, waitUntil, flowEndsOn } = input;
  if (!capped) {
    if (waitUntil && waitUntil > addDays(today, input.lookAgainDays))
      return { date: waitUntil, sentence: `Not before ${dateWords(waitUntil)}: the waiting time.` };
    return {
      date: null,
      sentence:
        input.looks < 2
          ? `One look gives no date: look again in ${input.lookAgainDays} days.`
          : `At this pace not this season: look again in ${input.lookAgainDays} days.`,
    };
  }
  if (!capped.rising)
    return {
      date: null,
      sentence: 'Not getting riper: measure the water, look at forage and strength.',
    };
  const date = [capped.earliest, waitUntil ?? ''].sort().at(-1)!;
  const end = [flowEndsOn, input.seasonEndsOn].filter((d): d is string => d !== null).sort()[0];
  if (date > end)
    return {
      date: null,
      sentence: `Not this season: ripe from ${dateWords(date)} at the earliest, ${flowEndsOn === end ? 'the flow ends' : 'the season ends'} ${dateWords(end)}.`,
    };
  return {
    date,
    sentence:
      waitUntil && date === waitUntil
        ? `Come back from ${dateWords(date)}, when the waiting time is over.`
        : `Come back from ${dateWords(date)}; ripe by ${capped.latest ? dateWords(capped.latest) : 'a day that cannot be said yet'}, four times in five.`,
  };
}
