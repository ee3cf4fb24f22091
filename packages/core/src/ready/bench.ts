import type { DateTime } from 'luxon';
import { BENCH_DAY, nineTenthsAt, settlingHours } from '../drain/index.js';
import { flowFactor } from '../honey/viscosity.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';
import { rememberedZone } from '../units/rememberedZone.js';

/** The kitchen by day and by night, °C, in its own zone. */
export interface BenchClimate {
  dayC: number;
  nightC: number;
  zone: string;
}
const STEP_HOURS = 0.25;
const LONGEST_HOURS = 24 * 30;

export const benchTemperatureC = (climate: BenchClimate, at: DateTime): number => {
  const hour = at.setZone(rememberedZone(climate.zone)).hour;
  return hour >= BENCH_DAY.from && hour < BENCH_DAY.to ? climate.dayC : climate.nightC;
};

/** Hours until `perHour`, what is done in an hour at the temperature then, has added up to 1. */
function hoursUntilDone(
  start: DateTime,
  climate: BenchClimate,
  perHour: (temperatureC: number) => number,
): number {
  // Only two temperatures ever occur, and only the clock at the bench decides between them.
  const [byDay, byNight] = [perHour(climate.dayC), perHour(climate.nightC)];
  const local = start.setZone(rememberedZone(climate.zone));
  const begins = local.hour + local.minute / 60;
  let done = 0;
  for (let h = 0; h < LONGEST_HOURS; h += STEP_HOURS) {
    const clock = (begins + h) % 24;
    const step = (clock >= BENCH_DAY.from && clock < BENCH_DAY.to ? byDay : byNight) * STEP_HOURS;
    if (done + step >= 1) return h + ((1 - done) / step) * STEP_HOURS;
    done += step;
  }
  return LONGEST_HOURS;
}

/** The bench at which an hour of viscous time is an hour (SCIENCE 4). */
const STANDARD_BENCH = { temperatureC: 25, moisturePercent: 18 };

/**
 * Hours to nine tenths of what will drain, as likely as not, by the kitchen's day and night
 * (viscous time, SCIENCE 4): the middle of what the drain's own forecast will say when it begins.
 */
export function drainHours(
  start: DateTime,
  climate: BenchClimate,
  method: CrushMethod,
  moisturePercent: number,
): number {
  const { temperatureC, moisturePercent: water } = STANDARD_BENCH;
  const viscous = nineTenthsAt(method, temperatureC, water).mid;
  return hoursUntilDone(start, climate, (t) => flowFactor(moisturePercent, t) / viscous);
}

/**
 * Hours until the scum is up, at the slow edge, by the kitchen's day and night (Stokes, SCIENCE 4).
 */
export function settleHours(
  start: DateTime,
  climate: BenchClimate,
  depthMm: number,
  moisturePercent: number,
): number {
  return hoursUntilDone(
    start,
    climate,
    (t) => 1 / Math.max(0.05, settlingHours({ depthMm, temperatureC: t, moisturePercent }).high),
  );
}
