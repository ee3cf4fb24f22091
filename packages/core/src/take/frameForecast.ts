import {
  coursesOf,
  FRAME_PRIOR,
  rangeOfValues,
  scenariosOf,
  type Unknowns,
  SUPER_TEMPERATURE_C,
  viscousTime,
  type MethodPrior,
} from '../drain/index.js';
import type { Range } from '../units/format.js';
import type { FrameRun } from './frameRun.js';
import type { FrameVessel } from './frameVessels.js';

export interface FrameForecast {
  /** Honey from this frame now, kg. */
  outNowKg: Range;
  /** When nine tenths of what is open have come. */
  nineTenthsAt: { low: string; mid: string; high: string } | null;
  rateGPerMinute: number;
}
export interface VesselForecast {
  /** In it now, kg, with what stood in it before. */
  inVesselKg: Range;
  /** When it is full, by the quick edge; null where it will not be. */
  fullAt: string | null;
}
/** What a frame's flow is worked out from. */
export interface FrameGiven {
  parts: number;
  honeyKg: Range;
  moisturePercent: number;
  temperatureC?: Range;
  prior?: MethodPrior;
}

/**
 * A frame in the hive has the colony's warmth, so its bench does not swing; it may stick. Starting
 * values.
 */
const FRAME_UNKNOWNS: Unknowns = { swingC: 0, lagHours: 0, slowsChance: 0.25 };
const HOUR = 3_600_000;
/** Longest a frame is followed, hours. */
const LONGEST = 48;

/** Kilograms out of one frame at an instant, by one of its courses. */
type OutAt = (atMs: number) => number;

/**
 * How a frame may run: each course as kilograms out by the instant, all through its last weighing.
 */
function frameCourses(run: FrameRun, given: FrameGiven): OutAt[] {
  const { honeyKg, parts } = given;
  const startMs = Date.parse(run.openedAt!);
  const prior = given.prior ?? FRAME_PRIOR;
  const temperatureC = given.temperatureC ?? SUPER_TEMPERATURE_C;
  const steps = [{ hours: 0, temperatureC: temperatureC.mid }];
  const time = viscousTime(steps, given.moisturePercent);
  const edge = (t: number): number =>
    viscousTime([{ hours: 0, temperatureC: t }], given.moisturePercent).at(1);
  const hours = (at: string): number => (Date.parse(at) - startMs) / HOUR;
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
  return courses.map((course) => {
    const atKnown = known ? course.outKg(known.h) : 0;
    return (atMs) => {
      const h = Math.max(0, (atMs - startMs) / HOUR);
      const kg = course.outKg(h);
      return known && h >= known.h ? known.kg + Math.max(0, kg - atKnown) : kg;
    };
  });
}

/**
 * The first instant from which something holds, within the hours a frame is followed; Infinity
 * where it never does.
 */
function firstWhen(fromMs: number, holds: (atMs: number) => boolean): number {
  if (!holds(fromMs + LONGEST * HOUR)) return Infinity;
  let [low, high] = [fromMs, fromMs + LONGEST * HOUR];
  for (let i = 0; i < 24; i++) {
    const mid = (low + high) / 2;
    if (holds(mid)) high = mid;
    else low = mid;
  }
  return high;
}

const instant = (ms: number): string => new Date(ms).toISOString();

/**
 * How far a frame has run and will: each opened part is a bed of its share, draining by the frame's
 * warmth and water (SCIENCE 9), with the household's log of frames as prior where there is one; its
 * shares of weighed vessels narrow it. Takes the frame's honey as a range and now; null while it is
 * shut.
 */
export function frameForecast(
  run: FrameRun,
  given: FrameGiven & { nowIso: string },
): FrameForecast | null {
  if (!run.openedAt) return null;
  const startMs = Date.parse(run.openedAt);
  const courses = frameCourses(run, given);
  const nowMs = Date.parse(given.nowIso);
  const tenths = rangeOfValues(
    courses.map((out) => {
      const end = out(startMs + LONGEST * HOUR);
      return firstWhen(startMs, (ms) => out(ms) >= 0.9 * end);
    }),
  );
  return {
    outNowKg: rangeOfValues(courses.map((out) => out(nowMs))),
    nineTenthsAt: Number.isFinite(tenths.high)
      ? { low: instant(tenths.low), mid: instant(tenths.mid), high: instant(tenths.high) }
      : null,
    rateGPerMinute: Math.max(
      0,
      rangeOfValues(courses.map((out) => (out(nowMs + 60_000) - out(nowMs)) * 1000)).mid,
    ),
  };
}

/**
 * How full a vessel under one frame or several is and will be: what it held at its last weighing
 * and what each frame over it gave since. Quick frames are taken to run quickly together, for they
 * share warmth and honey. Takes the vessel with its frames, and what it holds to its mark, kg (null
 * where unknown).
 */
export function vesselForecast(
  vessel: FrameVessel,
  frames: readonly ({ run: FrameRun } & FrameGiven)[],
  given: { vesselFullKg: number | null; nowIso: string },
): VesselForecast {
  const inflows = vessel.spells.flatMap((spell): OutAt[][] => {
    const frame = frames.find((f) => f.run.combId === spell.combId);
    if (!frame?.run.openedAt) return [];
    const [from, to] = [Date.parse(spell.from), spell.to ? Date.parse(spell.to) : Infinity];
    const far = Math.min(to, from + 2 * HOUR);
    return [
      frameCourses(frame.run, frame)
        .map(
          (out): OutAt =>
            (ms) =>
              out(Math.min(Math.max(ms, from), to)) - out(from),
        )
        .sort((a, b) => a(far) - b(far)),
    ];
  });
  const count = Math.min(...inflows.map((courses) => courses.length), 160);
  const together: OutAt[] = Array.from({ length: inflows.length ? count : 1 }, (_, i) => (ms) => {
    const came = inflows.reduce(
      (sum, courses) => sum + courses[Math.floor((i * courses.length) / count)](ms),
      0,
    );
    return vessel.heldG / 1000 + came;
  });
  const nowMs = Date.parse(given.nowIso);
  const startMs = Math.min(nowMs, ...vessel.spells.map((s) => Date.parse(s.from)));
  const full = together
    .map((held) =>
      given.vesselFullKg === null
        ? Infinity
        : firstWhen(startMs, (ms) => held(ms) >= given.vesselFullKg!),
    )
    .sort((a, b) => a - b);
  const earliest = full[Math.round(0.05 * (full.length - 1))];
  return {
    inVesselKg: rangeOfValues(together.map((held) => held(nowMs))),
    fullAt: Number.isFinite(earliest) ? instant(earliest) : null,
  };
}
