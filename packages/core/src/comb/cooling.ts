import { keyOnly, type Speak } from '../say/say.js';
import { combSay } from './says.js';
import { between } from '../units/between.js';
import type { Packing } from '../records/vocabulary/pieces.js';
import type { Range } from '../units/format.js';
import { type Edge, rangeOf } from '../units/ranges.js';

/** What heat meets on its way to the core, quick edge first (`low` hours). */
interface Body {
  /** Thermal diffusivity, m²/s. */
  diffusivityM2S: Range;
  /** Heat that a cubic metre holds, MJ a degree; with the diffusivity it gives the conductivity. */
  heatMJPerM3K: Range;
  /** Heat transfer from freezer air to the surface, W/m²K. */
  transferWPerM2K: Range;
}

/**
 * Comb by itself. Diffusivity 1.0 to 1.7e-7 m²/s (SCIENCE 8): liquid honey (0.53 W/mK, 2.3 kJ/kgK,
 * 1.42 kg/L) is 1.6e-7 and holds 3.3 MJ/m³K, wax and air in comb lower both; packing 0.92 leaves
 * 3.0. Still air 5 to 8 W/m²K (SCIENCE 8). The slow edge takes the low end of each.
 */
const COMB: Body = {
  diffusivityM2S: { low: 1.7e-7, mid: 1.3e-7, high: 1.0e-7 },
  heatMJPerM3K: { low: 2.9, mid: 3.0, high: 3.1 },
  transferWPerM2K: { low: 8, mid: 6.5, high: 5 },
};
/**
 * A whole box cools as one body. Between combs of some 32 mm stand gaps of some 8 mm whose air
 * passes heat by about 6 W/m²K: across them 40 mm conduct as 0.16 W/mK, along them as 0.3 and more;
 * a fifth of the volume is air, so it holds 2.4 MJ/m³K. Walls of 20 mm wood (0.13 W/mK) and the air
 * outside in a row pass 3 to 4 W/m²K, wrapped top and floor more. A starting range, which gives a
 * full super 15 to 36 h to −7 to −15 °C (SCIENCE 8).
 */
const BOX: Body = {
  diffusivityM2S: { low: 1.6e-7, mid: 1.3e-7, high: 1.05e-7 },
  heatMJPerM3K: { low: 2.3, mid: 2.4, high: 2.5 },
  transferWPerM2K: { low: 6.5, mid: 5.5, high: 4.8 },
};
const BODY: Record<Packing, Body> = { piece: COMB, frame: COMB, super: BOX };

/**
 * Terms of the series: from the fourth on they are below a thousandth once the core has begun to
 * cool.
 */
const TERMS = 8;

/** Root of z tan z = biot on branch `n` (0 the first), by halving. */
function slabRoot(biot: number, n: number): number {
  let [low, high] = [n * Math.PI, (n + 0.5) * Math.PI];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The middle of a slab against time: share of the first difference that is left, by the series of
 * conduction.
 */
function slabCourse(halfM: number, diffusivityM2S: number, biot: number): (s: number) => number {
  const terms = Array.from({ length: TERMS }, (_, n) => {
    const z = slabRoot(biot, n);
    return { z, part: (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z)) };
  });
  return (seconds) => {
    const fourier = (diffusivityM2S * seconds) / halfM ** 2;
    return terms.reduce((sum, { z, part }) => sum + part * Math.exp(-z * z * fourier), 0);
  };
}

export interface CoolingInput {
  widthMm: number;
  heightMm: number;
  depthMm: number;
  packing: Packing;
  startC: number;
  freezerC: number;
  targetC: number;
}

/**
 * Hours until the CORE of a block of comb has come to `targetC` in still air of `freezerC`, as a
 * range (low the quick edge). Takes the block's three sides in mm, how it stands, what it begins
 * at. Conduction in a block with air on all six sides: the product of three slabs, each by its
 * series (Carslaw and Jaeger; SCIENCE 8). Infinite where the air is no colder than the core asked;
 * 0 where it is cold already. Warming is the same the other way round.
 */
export function coreHours(input: CoolingInput): Range {
  const { startC, freezerC, targetC } = input;
  const left = (targetC - freezerC) / (startC - freezerC);
  const body = BODY[input.packing];
  return rangeOf((edge) => {
    if (left >= 1) return 0;
    if (left <= 0) return Infinity;
    return hoursUntilLeft(blockCourse(input, body, edge), left);
  });
}

/** The core of a block against time, at one edge of what is known of it. */
function blockCourse(
  { widthMm, heightMm, depthMm }: CoolingInput,
  body: Body,
  edge: Edge,
): (s: number) => number {
  const diffusivity = body.diffusivityM2S[edge];
  const conductivity = diffusivity * body.heatMJPerM3K[edge] * 1e6;
  const slabs = [widthMm, heightMm, depthMm].map((mm) => {
    const half = mm / 2000;
    return slabCourse(half, diffusivity, (body.transferWPerM2K[edge] * half) / conductivity);
  });
  return (seconds) => slabs.reduce((product, slab) => product * slab(seconds), 1);
}

/** When so much of the difference is left, hours, by halving; the share falls with time. */
function hoursUntilLeft(course: (s: number) => number, left: number): number {
  let high = 3600;
  while (course(high) > left) high *= 2;
  let low = 0;
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (course(middle) > left) low = middle;
    else high = middle;
  }
  return high / 3600;
}

/** Default start: comb as it comes from the hive or the bench, °C. */
export const COMB_START_C = 25;
/** Half hours, never less than it takes. */
const upTo = (h: number): { hours: number } => ({ hours: Math.ceil(h * 2) / 2 });
const fromOn = (h: number): { hours: number } => ({ hours: Math.floor(h * 2) / 2 });

/**
 * The calculator cold-core: hours until the core of a piece, a frame or a whole super has reached a
 * temperature in the freezer, as a range, or null where the freezer never gets it there.
 * Millimetres and °C; start 25 °C if not given. `speak` says the sentence.
 *
 * @example
 * const piece = { widthMm: 100, heightMm: 100, depthMm: 35, packing: 'piece' };
 * coldCore({ ...piece, freezerC: -18, targetC: -12 }).hours.high; // 4.6
 */
export function coldCore(
  input: Omit<CoolingInput, 'startC'> & { startC?: number },
  speak: Speak = keyOnly,
): {
  hours: { low: number; high: number } | null;
  reached: boolean;
  sentence: string;
} {
  const { startC = COMB_START_C, freezerC, targetC, packing } = input;
  const hours = coreHours({ ...input, startC });
  const core = { temperatureC: targetC };
  if (!Number.isFinite(hours.high))
    return {
      hours: null,
      reached: false,
      sentence: speak(combSay('comb.cold.never', { freezer: { temperatureC: freezerC }, core })),
    };
  const { low, high } = hours;
  const sentence =
    high === 0
      ? combSay('comb.cold.already', { core })
      : combSay(`comb.cold.${packing}`, { core, low: fromOn(low), high: upTo(high) });
  return { hours: { low, high }, reached: true, sentence: speak(sentence) };
}

/**
 * Hours the core has to stay cold for all stages of wax moth to die (Cantwell and Smith 1970,
 * SCIENCE 8), by its temperature; null above -7 °C.
 */
export function mothHoldHours(coreC: number): number | null {
  if (coreC > -7) return null;
  if (coreC <= -15) return 2;
  // Between the three published points: -7 °C 4.5 h, -12 °C 3 h, -15 °C 2 h.
  return coreC <= -12 ? 3 - (-12 - coreC) / 3 : 4.5 - ((-7 - coreC) / 5) * 1.5;
}

/** Colder air than the core asked by at least this, or it takes for ever, °C. A starting value. */
export const COLDER_BY_C = 1;
/**
 * The core to wait for against moth: -12 °C, or in a warmer freezer two degrees above it, but never
 * above the -7 °C that the table begins at. A freezer less than a degree below that cannot do it.
 */
export const mothCoreC = (freezerC: number): number => between(-12, -7, freezerC + 2);

/**
 * Hours in the freezer until moth is ended in comb, as a range: its core cold, then held. Infinite
 * where the freezer is too warm.
 */
export function freezeHours(input: Omit<CoolingInput, 'targetC'>): Range {
  const targetC = mothCoreC(input.freezerC);
  if (input.freezerC > targetC - COLDER_BY_C) return rangeOf(() => Infinity);
  const cooling = coreHours({ ...input, targetC });
  const hold = mothHoldHours(targetC)!;
  return rangeOf((e) => cooling[e] + hold);
}

/** A piece as it is usually packed, mm (SCIENCE 8). */
export const USUAL_PIECE = { widthMm: 90, heightMm: 90, depthMm: 35 } as const;
