import { type Say } from '../say/say.js';
import { readySay } from './says.js';
import { instantOf } from '../units/dates.js';
import { DateTime } from 'luxon';
import { hiveKind } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import { type Place, sunTimes } from './sun.js';
import { heatIndexC } from './weather.js';
import type { ForageState, WeatherHour } from '../records/vocabulary/weather.js';
import type { Way } from '../records/vocabulary/ways.js';

export interface HourReason {
  rule: string;
  sentence: Say;
  /** Points it takes from or adds to 100; null forbids the hour. */
  points: number | null;
}
export interface HourScore {
  at: string;
  /** 0 to 100; 0 where something forbids the hour. */
  score: number;
  fit: 'good' | 'possible' | 'no';
  reasons: HourReason[];
  /** False where nothing of the weather is known: then rules and forage alone judge. */
  weatherKnown: boolean;
  practice: boolean;
}
export interface HourQuestion {
  kind: HiveKindName;
  way: Way;
  zone: string;
  /** Where the site lies; null where nobody said. */
  place: Place | null;
  forage: ForageState | null;
  temper: 'calm' | 'nervous' | 'defensive' | null;
  /** False where the colony is gone: no foragers to wait for, no brood to chill. */
  alive: boolean;
  rules: Pick<HouseRules, 'windLimitKmH' | 'heatIndexLimitC' | 'smoke' | 'preferredHour'>;
}

/** Coldest air in which a hive is opened, °C: a starting value, brood chills below it. */
const COLDEST_C = 14;
/**
 * Comb softens above about 35 °C (SCIENCE, comb's own warmth limit); in the sun it is there sooner.
 */
const SOFT_C = 35;
const GOOD = 65;
/**
 * What the household's own liking adds to an hour, and the air in which few bees fly, °C. Starting
 * values.
 */
const [LIKED_POINTS, FEW_FLY_C] = [10, 18];

/** Why the household likes this hour by its school; null where it does not, or has no liking. */
function likedHour(
  preferred: HouseRules['preferredHour'],
  hour: number,
  weather: WeatherHour | null,
): Say | null {
  if (preferred === 'morning' && hour >= 9 && hour < 12)
    return readySay('ready.hourScore.your-rule-in-morning-after');
  const cool = weather?.temperatureC ?? null;
  if (preferred === 'cool-day' && cool !== null && cool <= FEW_FLY_C)
    return readySay('ready.hourScore.your-rule-cool-day-when');
  return null;
}

/**
 * How fit one hour is to open this kind of hive this way, with every reason. Mornings after the
 * foragers have left; not in heat, wind or rain; drain frames want warmth and calm; a dearth asks
 * for the evening or for covers. Weather that is not known neither speaks for nor against: the
 * sentence says so.
 */
export function scoreHour(at: string, weather: WeatherHour | null, asked: HourQuestion): HourScore {
  const local = DateTime.fromISO(at, { zone: asked.zone });
  const known = isKnown(weather);
  const reasons = [
    byDaylight(local, asked),
    byLiking(local.hour, weather, asked),
    ...byForage(asked.forage),
    ...(known ? byWeather(weather, asked) : [UNKNOWN_WEATHER]),
    asked.temper === 'defensive' ? DEFENSIVE : null,
  ].filter((reason) => reason !== null);
  const forbidden = reasons.some((r) => r.points === null);
  const points = reasons.reduce((sum, r) => sum + (r.points ?? 0), START_POINTS);
  const score = forbidden ? 0 : Math.max(0, Math.min(100, points));
  return {
    at,
    score,
    fit: fitOf(score, forbidden),
    reasons: reasons.sort((a, b) => weight(b) - weight(a)),
    weatherKnown: known,
    practice: weather?.source === 'practice',
  };
}

/** What an hour has before anything speaks for or against it. A starting value, as all points are. */
const START_POINTS = 80;
function fitOf(score: number, forbidden: boolean): HourScore['fit'] {
  if (forbidden) return 'no';
  return score >= GOOD ? 'good' : 'possible';
}
const reason = (rule: string, points: number | null, sentence: Say): HourReason => ({
  rule,
  points,
  sentence,
});
const UNKNOWN_WEATHER = reason(
  'weather',
  0,
  readySay('ready.hourScore.weather-not-known-dry-warm'),
);
const DEFENSIVE = reason(
  'temper',
  -10,
  readySay('ready.hourScore.noted-as-defensive-calmest-hour'),
);

/** Light, robbers and foragers, by the hour of the day. */
function byDaylight(local: DateTime, asked: HourQuestion): HourReason {
  const { hour } = local;
  const dark = outsideDaylight(local, asked.place);
  if (dark) return reason('daylight', null, dark);
  if (asked.forage === 'dearth') return byDearth(hour, asked);
  if (!asked.alive)
    return reason('foragers', 10, readySay('ready.hourScore.colony-gone-no-foragers-to'));
  if (hour < 9)
    return reason('foragers', -20, readySay('ready.hourScore.foragers-are-still-at-home'));
  if (hour < 13)
    return reason('foragers', 5, readySay('ready.hourScore.foragers-are-out-fewer-bees'));
  if (hour >= 17)
    return reason('foragers', -25, readySay('ready.hourScore.foragers-come-home-crowded-and'));
  return reason('foragers', -5, readySay('ready.hourScore.afternoon-foragers-out-but-days'));
}

function byDearth(hour: number, { kind }: HourQuestion): HourReason {
  if (hour >= 16 || hour < 9)
    return reason('robbing', 5, readySay('ready.hourScore.in-dearth-edge-day-when'));
  return hiveKind(kind).drainsInPlace
    ? reason('robbing', -45, readySay('ready.hourScore.dearth-what-runs-starts-robbing'))
    : reason('robbing', -30, readySay('ready.hourScore.dearth-open-honey-starts-robbing'));
}

function byLiking(
  hour: number,
  weather: WeatherHour | null,
  { rules }: HourQuestion,
): HourReason | null {
  const liked = likedHour(rules.preferredHour, hour, weather);
  return liked ? reason('preferred', LIKED_POINTS, liked) : null;
}

function byForage(forage: ForageState | null): HourReason[] {
  if (forage === null)
    return [reason('forage', 0, readySay('ready.hourScore.forage-this-month-not-noted'))];
  return forage === 'flow'
    ? [reason('forage', 5, readySay('ready.hourScore.flow-bees-are-busy-and'))]
    : [];
}

/** Whether anything is known of the weather that opens or shuts a hive. */
function isKnown(weather: WeatherHour | null): weather is WeatherHour {
  return (
    weather !== null &&
    [weather.temperatureC, weather.windKmH, weather.rainMm].some((value) => value !== null)
  );
}

/** Where a figure of the weather comes from, said where it is no measurement. */
const fromText = ({ source }: WeatherHour): Say | '' =>
  source === 'practice' ? readySay('ready.hourScore.practice-weather') : '';

const byWeather = (w: WeatherHour, asked: HourQuestion): (HourReason | null)[] => [
  byRain(w),
  byWind(w, asked),
  byHeat(w, asked),
  byWarmth(w, asked),
  byCloud(w),
  byDamp(w),
];

/** Rain of less than this in an hour is none, mm. */
const SOME_RAIN_MM = 0.1;
function byRain(w: WeatherHour): HourReason | null {
  if (w.rainMm === null || w.rainMm < SOME_RAIN_MM) return null;
  const fell = readySay('ready.hourScore.in-hour', {
    rainMm: { rainMm: w.rainMm },
    from: fromText(w),
  });
  return reason('rain', null, readySay('ready.hourScore.rain-hive-stays-closed', { fell }));
}

/** From this share of the household's limit on, combs sway. A starting value. */
const SWAYS_FROM = 0.6;
function byWind(w: WeatherHour, { rules }: HourQuestion): HourReason | null {
  if (w.windKmH === null) return null;
  const blows = readySay('ready.hourScore.blows', {
    speed: { speedKmH: w.windKmH },
    from: fromText(w),
  });
  const limit = rules.windLimitKmH;
  if (w.windKmH > limit)
    return reason(
      'wind',
      null,
      readySay('ready.hourScore.wind-your-rule-says-at', {
        blows,
        limit: { speedKmH: limit },
      }),
    );
  return w.windKmH > limit * SWAYS_FROM
    ? reason('wind', -15, readySay('ready.hourScore.wind-combs-sway-bees-are', { blows }))
    : reason('wind', 0, readySay('ready.hourScore.calm-wind', { blows }));
}

function byHeat(w: WeatherHour, { rules }: HourQuestion): HourReason | null {
  if (w.temperatureC === null || w.humidityPercent === null) return null;
  const feels = heatIndexC(w.temperatureC, w.humidityPercent);
  if (feels < rules.heatIndexLimitC) return null;
  const is = readySay('ready.hourScore.humid', {
    temperatureC: { temperatureC: w.temperatureC },
    humidityPercent: { percent: Math.round(w.humidityPercent) },
    from: fromText(w),
  });
  return reason(
    'heat',
    null,
    readySay('ready.hourScore.feels-like-your-limit-in', {
      feels: { temperatureC: feels },
      is,
      heatIndexLimitC: { temperatureC: rules.heatIndexLimitC },
    }),
  );
}

/** Comb that bends, air in which work is short, and what lets honey run well, °C. Starting values. */
const [BENDS_C, SHORT_WORK_C, RUNS_C, RUNS_WELL_C] = [31, 18, 22, 25];
function byWarmth(w: WeatherHour, asked: HourQuestion): HourReason | null {
  if (w.temperatureC === null) return null;
  const t = w.temperatureC;
  const is = readySay('ready.hourScore.warmth', {
    temperature: { temperatureC: t },
    from: fromText(w),
  });
  const { drainsInPlace } = hiveKind(asked.kind);
  if (t >= SOFT_C)
    return reason(
      'soft comb',
      null,
      readySay('ready.hourScore.comb-softens-from-about-and', {
        is,
        softens: { temperatureC: SOFT_C },
      }),
    );
  if (t >= BENDS_C && !drainsInPlace)
    return reason('soft comb', -20, readySay('ready.hourScore.warm-comb-bends-work-in', { is }));
  if (t < COLDEST_C && asked.alive)
    return reason(
      'cold',
      null,
      readySay('ready.hourScore.too-cold-to-open-brood', {
        is,
        chills: { temperatureC: COLDEST_C },
      }),
    );
  if (drainsInPlace && t < RUNS_C)
    return reason('cold', -30, readySay('ready.hourScore.cold-honey-hardly-runs-drain', { is }));
  if (t < SHORT_WORK_C)
    return reason('cold', -20, readySay('ready.hourScore.short-work-only', { is }));
  return reason(
    'warmth',
    drainsInPlace && t >= RUNS_WELL_C ? 10 : 0,
    readySay('ready.hourScore.fit-to-open', { is }),
  );
}

/** Overcast from this share of cloud on, and damp from this on, percent. Starting values. */
const [OVERCAST_PERCENT, DAMP_PERCENT] = [80, 85];
function byCloud(w: WeatherHour): HourReason | null {
  if (w.cloudPercent === null || w.cloudPercent <= OVERCAST_PERCENT) return null;
  const is = readySay('ready.hourScore.overcast', {
    cloudPercent: { percent: Math.round(w.cloudPercent) },
    from: fromText(w),
  });
  return reason('cloud', -10, readySay('ready.hourScore.more-foragers-at-home', { is }));
}
function byDamp(w: WeatherHour): HourReason | null {
  if (w.humidityPercent === null || w.humidityPercent <= DAMP_PERCENT) return null;
  const is = readySay('ready.hourScore.humid-2', {
    humidityPercent: { percent: Math.round(w.humidityPercent) },
    from: fromText(w),
  });
  return reason('damp', -5, readySay('ready.hourScore.open-honey-draws-water', { is }));
}

/**
 * Hours from local noon within which a hive is opened where the sun's times are not known: a
 * starting value.
 */
const NEAR_NOON_HOURS = 4;

/**
 * Why an hour lies outside the daylight a hive is opened in; null where it does not. The whole hour
 * has to be light.
 */
function outsideDaylight(local: DateTime, place: Place | null): Say | null {
  const noon = local.startOf('day').plus({ hours: 12 });
  if (!place)
    return Math.abs(local.diff(noon, 'hours').hours + 0.5) <= NEAR_NOON_HOURS
      ? null
      : readySay('ready.hourScore.sun-times-not-known-say', { hours: NEAR_NOON_HOURS });
  const sun = sunTimes(instantOf(noon.toUTC()), place);
  if (!sun) return null;
  const clock = (iso: string): string =>
    DateTime.fromISO(iso, { zone: local.zone }).toFormat('HH:mm');
  if (local.toMillis() + 3_600_000 > Date.parse(sun.setAt))
    return readySay('ready.hourScore.sunset-no-hive-opened-toward', { setAt: clock(sun.setAt) });
  return local.toMillis() < Date.parse(sun.riseAt)
    ? readySay('ready.hourScore.sunrise-dark-before-it', { riseAt: clock(sun.riseAt) })
    : null;
}

const weight = (r: HourReason): number => (r.points === null ? 1000 : Math.abs(r.points));

/** Whether smoke is used, and why, by the rule and the temper noted. */
export function smokeAdvice(
  smoke: HouseRules['smoke'],
  temper: HourQuestion['temper'],
  stingless: boolean,
  waitMinutes: number,
): Say {
  if (stingless) return readySay('ready.hourScore.no-smoke-stingless-bees-are');
  if (temper === 'defensive')
    return readySay('ready.hourScore.smoke-before-at-entrance-and', {
      waitMinutes,
      smoke: smoke === 'fresh-air' ? readySay('ready.hourScore.whatever-rule-on-fresh-air') : '',
    });
  if (smoke === 'fresh-air') return readySay('ready.hourScore.fresh-air-no-smoke-by');
  if (smoke === 'by-temper' && temper === 'calm')
    return readySay('ready.hourScore.calm-bees-try-without-smoke');
  if (smoke === 'by-temper' && temper === null)
    return readySay('ready.hourScore.temper-not-noted-smoker-lit');
  return readySay('ready.hourScore.three-slow-puffs-at-entrance', { waitMinutes });
}

/**
 * Hours in a row that are good, best first: each begins at its first hour. Takes the scores in
 * order of time and how many hours the work asks.
 */
export function bestHours(
  scores: readonly HourScore[],
  hoursNeeded: number,
): { at: string; score: number; hours: HourScore[] }[] {
  const windows = scores.flatMap((_, i) => {
    const hours = scores.slice(i, i + Math.max(1, Math.ceil(hoursNeeded)));
    if (hours.length < Math.ceil(hoursNeeded) || hours.some((h) => h.fit === 'no')) return [];
    return [
      { at: hours[0].at, score: hours.reduce((sum, h) => sum + h.score, 0) / hours.length, hours },
    ];
  });
  return windows.sort((a, b) => b.score - a.score || a.at.localeCompare(b.at));
}
