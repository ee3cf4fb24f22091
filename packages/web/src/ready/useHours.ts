import { tell } from '../words/tell.js';
import {
  dayOf,
  forageAt,
  hiveKind,
  instantOf,
  placeOfSite,
  scoreHour,
  stateAt,
  type BatchDetail,
  type HourScore,
  type HouseRules,
  type SiteWeather,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, type Ref } from 'vue';

const HOUR_MS = 3_600_000;
/** The days ahead that are scored hour by hour. */
const HOURS = 240;

/**
 * The hours of the days ahead at one hive, each with how well it suits its opening. Takes the
 * harvest in hand, the house rules, the weather at its site, when the day is planned to begin as it
 * was typed, and the moment.
 */
export function useHours(
  detail: Ref<BatchDetail | null | undefined>,
  rules: Ref<HouseRules | null>,
  weather: Ref<SiteWeather | null>,
  startLocal: Ref<string>,
  now: Ref<Date>,
) {
  const zone = computed(() => detail.value?.batch.zone ?? 'UTC');
  const state = computed(() =>
    detail.value && rules.value
      ? stateAt(detail.value.hive, now.value.toISOString(), rules.value)
      : null,
  );
  const temper = computed(() => state.value?.temper?.temper ?? null);
  const alive = computed(() => !state.value?.dead);
  /** Where nothing is smoked the day begins with the hive itself. */
  const beginsWith = computed(() => {
    const smokes = alive.value && rules.value?.smoke !== 'fresh-air';
    const isBees = detail.value && hiveKind(detail.value.hive.kind).bee === 'honeybee';
    return smokes && isBees ? tell('useHours.first-smoke') : tell('useHours.begin');
  });
  const scores = computed<HourScore[]>(() => {
    const [harvest, house] = [detail.value, rules.value];
    if (!harvest || !house) return [];
    const { hive, batch } = harvest;
    const known = new Map((weather.value?.hours ?? []).map((h) => [h.at, h]));
    const first = weather.value?.hours[0]?.at ?? startLocal.value;
    const from = DateTime.fromISO(first, { zone: zone.value }).startOf('day');
    if (!from.isValid) return [];
    return Array.from({ length: HOURS }, (_, i) => {
      const at = from.plus({ hours: i });
      const instant = instantOf(at.toUTC());
      return scoreHour(instant, known.get(instant) ?? null, {
        kind: hive.kind,
        way: batch.method,
        zone: zone.value,
        place: placeOfSite(hive.site),
        forage: forageAt(hive, stateAt(hive, instant, house), dayOf(at)),
        temper: temper.value,
        alive: alive.value,
        rules: house,
      });
    });
  });
  /** The hour it begins in, as an instant; null where what was typed is no time. */
  const startIso = computed(() =>
    DateTime.fromISO(startLocal.value, { zone: zone.value }).startOf('hour').toUTC().toISO(),
  );
  const startHour = computed(() => scores.value.find((s) => s.at === startIso.value) ?? null);
  /** Hours that are over are no choice any more. */
  const ahead = computed(() =>
    scores.value.filter((s) => Date.parse(s.at) + HOUR_MS > now.value.getTime()),
  );
  return { zone, temper, beginsWith, startIso, startHour, ahead };
}
