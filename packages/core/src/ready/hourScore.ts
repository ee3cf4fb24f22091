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
  sentence: string;
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
): string | null {
  if (preferred === 'morning' && hour >= 9 && hour < 12)
    return 'Your rule: in the morning, after the foragers left.';
  const cool = weather?.temperatureC ?? null;
  if (preferred === 'cool-day' && cool !== null && cool <= FEW_FLY_C)
    return 'Your rule: a cool day, when hardly a bee flies.';
  return null;
}

/**
 * How fit one hour is to open this kind of hive this way, with every reason. Mornings after the
 * foragers have left; not in heat, wind or rain; drain frames want warmth and calm; a dearth asks
 * for the evening or for covers. Weather that is not known neither speaks for nor against: the
 * sentence says so.
 */
export function scoreHour(at: string, weather: WeatherHour | null, asked: HourQuestion): HourScore {
  const { rules, forage, temper } = asked;
  const local = DateTime.fromISO(at, { zone: asked.zone });
  const hour = local.hour;
  const kind = hiveKind(asked.kind);
  const reasons: HourReason[] = [];
  const add = (rule: string, points: number | null, sentence: string): void =>
    void reasons.push({ rule, points, sentence });
  const dearth = forage === 'dearth';

  const dark = outsideDaylight(local, asked.place);
  if (dark) add('daylight', null, dark);
  else if (dearth && (hour >= 16 || hour < 9))
    add('robbing', 5, 'In a dearth the edge of the day, when robbers fly least.');
  else if (dearth)
    add(
      'robbing',
      kind.drainsInPlace ? -45 : -30,
      kind.drainsInPlace
        ? 'Dearth: what runs starts robbing. Evening, covers on, floor closed, or take the super off.'
        : 'Dearth: open honey starts robbing by day. Entrance reduced, lid on the tub, early or late.',
    );
  else if (!asked.alive)
    add('foragers', 10, 'The colony is gone: no foragers to wait for, only robbers to keep out.');
  else if (hour >= 9 && hour < 13) add('foragers', 5, 'Foragers are out: fewer bees at home.');
  else if (hour < 9) add('foragers', -20, 'Foragers are still at home.');
  else if (hour >= 17) add('foragers', -25, 'Foragers come home: crowded, and little light left.');
  else add('foragers', -5, "Afternoon: foragers out, but the day's heat is in the comb.");
  const liked = likedHour(rules.preferredHour, hour, weather);
  if (liked) add('preferred', LIKED_POINTS, liked);
  if (forage === 'flow') add('forage', 5, 'A flow: bees are busy and rob little.');
  if (forage === null)
    add('forage', 0, 'Forage of this month is not noted: in a dearth choose the evening.');

  const w = weather;
  const known = w !== null && [w.temperatureC, w.windKmH, w.rainMm].some((v) => v !== null);
  if (!known) add('weather', 0, 'Weather not known: a dry, warm, calm hour is what you look for.');
  else {
    const from = w.source === 'practice' ? ' (practice weather)' : '';
    if (w.rainMm !== null && w.rainMm >= 0.1)
      add(
        'rain',
        null,
        `Rain, ${w.rainMm.toFixed(1)} mm in the hour${from}: the hive stays closed.`,
      );
    if (w.windKmH !== null) {
      if (w.windKmH > rules.windLimitKmH)
        add(
          'wind',
          null,
          `Wind ${w.windKmH.toFixed(0)} km/h${from}, your rule says at most ${rules.windLimitKmH}.`,
        );
      else if (w.windKmH > rules.windLimitKmH * 0.6)
        add(
          'wind',
          -15,
          `Wind ${w.windKmH.toFixed(0)} km/h${from}: combs sway, bees are short-tempered.`,
        );
      else add('wind', 0, `Calm, wind ${w.windKmH.toFixed(0)} km/h${from}.`);
    }
    if (w.temperatureC !== null) {
      const t = w.temperatureC;
      const feels = w.humidityPercent === null ? null : heatIndexC(t, w.humidityPercent);
      if (feels !== null && feels >= rules.heatIndexLimitC)
        add(
          'heat',
          null,
          `Feels like ${feels.toFixed(0)} °C (${t.toFixed(0)} °C, ${w.humidityPercent!.toFixed(0)} % humid${from}): your limit in a suit is ${rules.heatIndexLimitC} °C.`,
        );
      if (t >= SOFT_C)
        add(
          'soft comb',
          null,
          `${t.toFixed(0)} °C${from}: comb softens from about 35 °C and breaks off its bar.`,
        );
      else if (t >= 31 && !kind.drainsInPlace)
        add('soft comb', -20, `${t.toFixed(0)} °C${from}: warm comb bends; work in the shade.`);
      else if (t < COLDEST_C && asked.alive)
        add(
          'cold',
          null,
          `${t.toFixed(0)} °C${from}: too cold to open, brood chills below about ${COLDEST_C} °C.`,
        );
      else if (kind.drainsInPlace && t < 22)
        add(
          'cold',
          -30,
          `${t.toFixed(0)} °C${from}: cold honey hardly runs; drain frames want warmth.`,
        );
      else if (t < 18) add('cold', -20, `${t.toFixed(0)} °C${from}: short work only.`);
      else
        add(
          'warmth',
          kind.drainsInPlace && t >= 25 ? 10 : 0,
          `${t.toFixed(0)} °C${from}: fit to open.`,
        );
    }
    if (w.cloudPercent !== null && w.cloudPercent > 80)
      add('cloud', -10, `Overcast, ${w.cloudPercent.toFixed(0)} %${from}: more foragers at home.`);
    if (w.humidityPercent !== null && w.humidityPercent > 85)
      add('damp', -5, `${w.humidityPercent.toFixed(0)} % humid${from}: open honey draws water.`);
  }
  if (temper === 'defensive')
    add('temper', -10, 'Noted as defensive: the calmest hour, two people, others away.');
  const forbidden = reasons.some((r) => r.points === null);
  const score = forbidden
    ? 0
    : Math.max(0, Math.min(100, 80 + reasons.reduce((sum, r) => sum + (r.points ?? 0), 0)));
  const goodOrPossible = score >= GOOD ? 'good' : 'possible';
  return {
    at,
    score,
    fit: forbidden ? 'no' : goodOrPossible,
    reasons: reasons.sort((a, b) => weight(b) - weight(a)),
    weatherKnown: known,
    practice: w?.source === 'practice',
  };
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
function outsideDaylight(local: DateTime, place: Place | null): string | null {
  const noon = local.startOf('day').plus({ hours: 12 });
  if (!place)
    return Math.abs(local.diff(noon, 'hours').hours + 0.5) <= NEAR_NOON_HOURS
      ? null
      : `Sun times not known: say where the site lies. Until then only within ${NEAR_NOON_HOURS} hours of noon.`;
  const sun = sunTimes(noon.toUTC().toISO()!, place);
  if (!sun) return null;
  const clock = (iso: string): string =>
    DateTime.fromISO(iso, { zone: local.zone }).toFormat('HH:mm');
  if (local.toMillis() + 3_600_000 > Date.parse(sun.setAt))
    return `Sunset ${clock(sun.setAt)}: no hive is opened toward dark. Bees walk instead of flying, and nobody sees the queen.`;
  return local.toMillis() < Date.parse(sun.riseAt)
    ? `Sunrise ${clock(sun.riseAt)}: dark before it.`
    : null;
}

const weight = (r: HourReason): number => (r.points === null ? 1000 : Math.abs(r.points));

/** Whether smoke is used, and why, by the rule and the temper noted. */
export function smokeAdvice(
  smoke: HouseRules['smoke'],
  temper: HourQuestion['temper'],
  stingless: boolean,
  waitMinutes: number,
): string {
  if (stingless) return 'No smoke: stingless bees are left in peace, the lid is off for minutes.';
  if (temper === 'defensive')
    return `Smoke before, at the entrance, and wait the full ${waitMinutes} minutes: they are defensive${smoke === 'fresh-air' ? ', whatever the rule on fresh air' : ''}.`;
  if (smoke === 'fresh-air')
    return 'Fresh air, no smoke, by your rule; the smoker stays cold but at hand.';
  if (smoke === 'by-temper' && temper === 'calm')
    return 'Calm bees: try without smoke, smoker lit beside you.';
  if (smoke === 'by-temper' && temper === null)
    return 'Temper not noted: smoker lit, begin with little.';
  return `Three slow puffs at the entrance, then wait ${waitMinutes} minutes.`;
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
