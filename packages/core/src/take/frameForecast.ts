import {
  coursesOf,
  FRAME_PRIOR,
  outOnCourse,
  rangeOfValues,
  scenariosOf,
  type Unknowns,
  SUPER_TEMPERATURE_C,
  viscousTime,
  type MethodPrior,
} from '../drain/index.js';
import type { Range } from '../units/format.js';
import type { FrameRun } from './frameRun.js';

export interface FrameForecast {
  /** Honey from this frame now, kg. */
  outNowKg: Range;
  /** In the vessel under it now, kg. */
  inVesselKg: Range;
  /** When the vessel is full, by the quick edge; null where it will not be. */
  fullAt: string | null;
  /** When nine tenths of what is open have come. */
  nineTenthsAt: { low: string; mid: string; high: string } | null;
  rateGPerMinute: number;
}

/**
 * A frame in the hive has the colony's warmth, so its bench does not swing; it may stick. Starting
 * values.
 */
const FRAME_UNKNOWNS: Unknowns = { swingC: 0, lagHours: 0, slowsChance: 0.25 };
const HOUR = 3_600_000;
/** Longest a frame is followed, hours. */
const LONGEST = 48;

/**
 * How full a frame's vessel is and will be: each opened part is a bed of its share, draining by the frame's warmth and
 * water (SCIENCE 9), with the household's log of frames as prior where there is one; weighings of its vessel narrow it.
 * Takes the frame's honey as a range, what its vessel holds to the mark (kg, null where unknown) and now.
 */
export function frameForecast(
  run: FrameRun,
  given: {
    parts: number;
    honeyKg: Range;
    moisturePercent: number;
    temperatureC?: Range;
    vesselFullKg: number | null;
    prior?: MethodPrior;
    nowIso: string;
  },
): FrameForecast | null {
  if (!run.openedAt) return null;
  const { honeyKg, parts, nowIso } = given;
  const prior = given.prior ?? FRAME_PRIOR;
  const temperatureC = given.temperatureC ?? SUPER_TEMPERATURE_C;
  const steps = [{ hours: 0, temperatureC: temperatureC.mid }];
  const time = viscousTime(steps, given.moisturePercent);
  const edge = (t: number): number =>
    viscousTime([{ hours: 0, temperatureC: t }], given.moisturePercent).at(1);
  const hours = (at: string): number => (Date.parse(at) - Date.parse(run.openedAt!)) / HOUR;
  // Nobody knows the frame's own warmth: its range opens the range of tau.
  const warmth = Math.log(edge(temperatureC.high) / edge(temperatureC.low)) / 2;
  const sdKg = Math.max(0.02, 0.02 * honeyKg.mid);
  const courses = coursesOf(
    {
      scale: {
        mean: honeyKg.mid,
        sd: Math.max(
          0.03,
          Math.hypot(
            (honeyKg.high - honeyKg.low) / 2,
            (honeyKg.mid * (prior.share.high - prior.share.low)) / 2 / prior.share.mid,
          ) / 1.645,
        ),
      },
      lnTau: {
        mean: Math.log(prior.tauHours.mid),
        sd: Math.max(
          0.2,
          Math.hypot(Math.log(prior.tauHours.high / prior.tauHours.low) / 2, warmth) / 1.645,
        ),
      },
      beds: () =>
        run.partsAt.map((at) => ({
          hours: hours(at),
          share: prior.share.mid / parts,
          tauPart: 1,
        })),
      scenarios: scenariosOf(time, steps, given.moisturePercent, FRAME_UNKNOWNS),
    },
    run.weighedAt ? [{ hours: hours(run.weighedAt), kg: run.outG / 1000, sdKg }] : [],
    160,
  );
  const known = run.weighedAt ? { h: hours(run.weighedAt), kg: run.outG / 1000 } : null;
  const out = (c: (typeof courses)[number], h: number): number => {
    const kg = outOnCourse(c, h);
    return known && h >= known.h ? known.kg + Math.max(0, kg - outOnCourse(c, known.h)) : kg;
  };
  const now = hours(nowIso);
  const awayKg = (run.outG - run.inVesselG) / 1000;
  const outNowKg = rangeOfValues(courses.map((c) => out(c, now)));
  const until = (holds: (h: number) => boolean): number => {
    if (!holds(LONGEST)) return Infinity;
    let [low, high] = [0, LONGEST];
    for (let i = 0; i < 24; i++) {
      const mid = (low + high) / 2;
      if (holds(mid)) high = mid;
      else low = mid;
    }
    return high;
  };
  const instant = (h: number): string =>
    new Date(Date.parse(run.openedAt!) + h * HOUR).toISOString();
  const full =
    given.vesselFullKg === null
      ? []
      : courses
          .map((c) => until((h) => out(c, h) - awayKg >= given.vesselFullKg!))
          .sort((a, b) => a - b);
  const earliest = full.length ? full[Math.round(0.05 * (full.length - 1))] : Infinity;
  const tenths = rangeOfValues(
    courses.map((c) => {
      const end = out(c, LONGEST);
      return until((h) => out(c, h) >= 0.9 * end);
    }),
  );
  return {
    outNowKg,
    inVesselKg: {
      low: Math.max(0, outNowKg.low - awayKg),
      mid: Math.max(0, outNowKg.mid - awayKg),
      high: Math.max(0, outNowKg.high - awayKg),
    },
    fullAt: Number.isFinite(earliest) ? instant(earliest) : null,
    nineTenthsAt: Number.isFinite(tenths.high)
      ? { low: instant(tenths.low), mid: instant(tenths.mid), high: instant(tenths.high) }
      : null,
    rateGPerMinute: Math.max(
      0,
      rangeOfValues(courses.map((c) => (out(c, now + 1 / 60) - out(c, now)) * 1000)).mid,
    ),
  };
}
