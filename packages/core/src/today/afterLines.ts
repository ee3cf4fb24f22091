import type { Reserve, Rinse } from '../records/aftercare.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Batch, Clock, TodayLine } from '../records/views.js';
import type { Say } from '../say/say.js';
import { DAY_MS, HOUR_MS, daysLater } from '../units/dates.js';
import { line, noonOf } from './line.js';
import { todaySay } from './says.js';

/** How many days ahead wet wax, a use-by and a promise stand on Today. */
const AHEAD_DAYS = 7;
const isSoon = (dueAt: string, now: Date): boolean =>
  Date.parse(dueAt) < now.getTime() + AHEAD_DAYS * DAY_MS;

/** Wet wax that stands somewhere: since when, and since when it lies in the cold, if it does. */
export interface StandingWax {
  batch: Batch;
  /** Since the close of the drain, or since it came out of the freezer. */
  since: string;
  frozen: boolean;
}

/** The day by which moth may have wet wax (SCIENCE 8; the rule's days). */
const mothAt = ({ since }: StandingWax, rules: HouseRules): string =>
  daysLater(since, rules.wetWaxDays);

/** Wet wax that moth may have soon, and wax whose weeks in the freezer are over. */
export function waxLines(
  standing: readonly StandingWax[],
  rules: HouseRules,
  now: Date,
): TodayLine[] {
  const weeks = rules.waxFrozenWeeks;
  return standing.flatMap((wax) => {
    if (wax.frozen && weeks === null) return [];
    const dueAt = wax.frozen ? daysLater(wax.since, weeks! * 7) : mothAt(wax, rules);
    if (!wax.frozen && !isSoon(dueAt, now)) return [];
    const { id, hiveName } = wax.batch;
    return [
      line({
        id: wax.frozen ? `${id}-frozen-wax` : `${id}-wax`,
        kind: 'wax',
        stage: 'jar',
        batchId: id,
        hiveId: null,
        title: todaySay(wax.frozen ? 'today.wax-out' : 'today.wax', { hive: hiveName }),
        dueAt,
        ifLeft: todaySay(wax.frozen ? 'today.wax-out.left' : 'today.wax.left'),
      }),
    ];
  });
}

/** The clock of wet wax in its last week outside the cold. */
export function waxClocks(standing: readonly StandingWax[], rules: HouseRules, now: Date): Clock[] {
  return standing
    .filter((wax) => !wax.frozen && isSoon(mothAt(wax, rules), now))
    .map((wax) => {
      const dueAt = mothAt(wax, rules);
      return {
        id: `${wax.batch.id}-wax`,
        kind: 'wax',
        batchId: wax.batch.id,
        hiveName: wax.batch.hiveName,
        startedAt: wax.since,
        dueAt,
        dueWhat: todaySay('clock.wax'),
        urgent: Date.parse(dueAt) < now.getTime() + DAY_MS,
      };
    });
}

/** When a rinse is to be used by: the rule's hours, in the cold or not. */
const rinseDueAt = (rinse: Rinse, rules: HouseRules): string =>
  new Date(
    Date.parse(rinse.occurredAt) +
      (rinse.cold ? rules.rinseColdKeepsHours : rules.rinseKeepsHours) * HOUR_MS,
  ).toISOString();

/** A rinse that waits to be used, on Today. */
export const rinseLine = (rinse: Rinse, batch: Batch, rules: HouseRules): TodayLine =>
  line({
    id: `${rinse.id}-rinse`,
    kind: 'rinse',
    stage: 'jar',
    batchId: rinse.batchId,
    hiveId: null,
    title: todaySay('today.rinse', { hive: batch.hiveName }),
    dueAt: rinseDueAt(rinse, rules),
    ifLeft: todaySay('today.rinse.left'),
  });

/** A rinse nearer to its end than this is urgent. */
const RINSE_SOON_MS = 3 * HOUR_MS;
/** And its clock. */
export function rinseClock(rinse: Rinse, batch: Batch, rules: HouseRules, now: Date): Clock {
  const dueAt = rinseDueAt(rinse, rules);
  return {
    id: rinse.id,
    kind: 'rinse',
    batchId: rinse.batchId,
    hiveName: batch.hiveName,
    startedAt: rinse.occurredAt,
    dueAt,
    dueWhat: todaySay('clock.rinse'),
    urgent: Date.parse(dueAt) < now.getTime() + RINSE_SOON_MS,
  };
}

/** A filled lot that is to be used first, with what of it still stands there. */
export interface UseFirst {
  id: string;
  batchId: string;
  code: string;
  useBy: string;
  left: number;
}
export function useFirstLines(lots: readonly UseFirst[], now: Date): TodayLine[] {
  return lots
    .filter(({ left, useBy }) => left > 0 && isSoon(noonOf(useBy), now))
    .map(({ id, batchId, code, useBy, left }) =>
      line({
        id: `${id}-useby`,
        kind: 'use-first',
        stage: 'jar',
        batchId,
        hiveId: null,
        title: todaySay('today.use-first', { left, code }),
        dueAt: noonOf(useBy),
        ifLeft: todaySay('today.use-first.left'),
      }),
    );
}

const promised = (count: number, jar: string | undefined): Say =>
  jar === undefined
    ? todaySay('today.promise-unnamed', { count })
    : todaySay('today.promise', { count, jar });

/** Jars promised for a day that is near. Takes the name of a kind of jar. */
export function promiseLines(
  reserves: readonly Reserve[],
  jarName: (jarKindId: string) => string | undefined,
  now: Date,
): TodayLine[] {
  return reserves.flatMap(({ id, count, jarKindId, forDate, doneAt }) =>
    !doneAt && forDate && isSoon(noonOf(forDate), now)
      ? [
          line({
            id: `${id}-reserve`,
            kind: 'promise',
            stage: 'jar',
            batchId: null,
            hiveId: null,
            title: promised(count, jarName(jarKindId)),
            dueAt: noonOf(forDate),
            ifLeft: todaySay('today.promise.left'),
          }),
        ]
      : [],
  );
}
