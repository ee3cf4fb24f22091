import { flowFactor } from '../honey/viscosity.js';

/** From this hour of the run on the honey has this temperature, until the next step. */
export interface TemperatureStep {
  hours: number;
  temperatureC: number;
  /** Read off a thermometer, not typed beforehand. */
  logged?: boolean;
}

/** Hours of the run to viscous hours and back. */
export interface ViscousTime {
  /** Viscous hours at an hour of the run. */
  at: (hours: number) => number;
  /** Hour of the run at which so many viscous hours have passed. */
  hoursAt: (viscousHours: number) => number;
}

/**
 * Viscous time s(t) = integral of eta_ref / eta(T(t), W) dt (SCIENCE 4), for steps of temperature
 * in any order; before the first step its temperature holds, after the last one that one. Exact for
 * steps.
 */
export function viscousTime(
  steps: readonly TemperatureStep[],
  moisturePercent: number,
): ViscousTime {
  const sorted = [...steps].sort((a, b) => a.hours - b.hours);
  const from = [0, ...sorted.slice(1).map((s) => Math.max(0, s.hours))];
  const factor = sorted.map((s) => flowFactor(moisturePercent, s.temperatureC));
  const passed = [0];
  for (let i = 1; i < from.length; i++)
    passed.push(passed[i - 1] + (from[i] - from[i - 1]) * factor[i - 1]);
  /**
   * The last step that begins at or before a value; runs ask near their end, so the search goes
   * from there.
   */
  const stepAt = (list: readonly number[], value: number): number => {
    let i = list.length - 1;
    while (i > 0 && list[i] > value) i--;
    return i;
  };
  return {
    at: (hours) => {
      const i = stepAt(from, hours);
      return passed[i] + (Math.max(0, hours) - from[i]) * factor[i];
    },
    hoursAt: (viscousHours) => {
      const i = stepAt(passed, viscousHours);
      return from[i] + (Math.max(0, viscousHours) - passed[i]) / factor[i];
    },
  };
}

/** Hours that count as day at the bench, the same starting values as in Ready's timetable. */
export const BENCH_DAY = { from: 8, to: 20 } as const;

/**
 * Steps of a bench that is `dayC` by day and `nightC` by night, from an hour of the run on.
 * `localHour` is the clock at the bench at hour 0 (13.5 for half past one).
 */
export function dayAndNight(input: {
  dayC: number;
  nightC: number;
  localHour: number;
  fromHours: number;
  untilHours: number;
}): TemperatureStep[] {
  const { dayC, nightC, localHour, fromHours, untilHours } = input;
  const clockAt = (hours: number): number => (((localHour + hours) % 24) + 24) % 24;
  const isDay = (clock: number): boolean => clock >= BENCH_DAY.from && clock < BENCH_DAY.to;
  const steps: TemperatureStep[] = [
    { hours: fromHours, temperatureC: isDay(clockAt(fromHours)) ? dayC : nightC },
  ];
  if (dayC === nightC) return steps;
  for (let at = fromHours; at < untilHours;) {
    const clock = clockAt(at);
    const wait = isDay(clock) ? BENCH_DAY.to - clock : (BENCH_DAY.from - clock + 24) % 24 || 24;
    at += wait;
    steps.push({ hours: at, temperatureC: isDay(clock) ? nightC : dayC });
  }
  return steps;
}

/**
 * How much faster honey flows for each degree warmer, as a natural logarithm, at the mean of the
 * steps' temperatures.
 */
export function flowPerDegree(steps: readonly TemperatureStep[], moisturePercent: number): number {
  const meanC = steps.reduce((sum, s) => sum + s.temperatureC, 0) / Math.max(1, steps.length);
  return Math.log(
    flowFactor(moisturePercent, meanC + 0.5) / flowFactor(moisturePercent, meanC - 0.5),
  );
}
