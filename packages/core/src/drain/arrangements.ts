import type { Say } from '../say/say.js';
import { drainSay } from './says.js';
import { honeyDensityKgPerL } from '../honey/density.js';
import type { Vessel } from '../records/views.js';
import type { Arrangement } from '../records/vocabulary/bench.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import type { Range } from '../units/format.js';

export const ARRANGEMENT_WORDS: Record<
  Arrangement,
  { name: Say; upper: Say; lower: Say; note: Say; gate: boolean }
> = {
  'holed-bucket': {
    name: drainSay('drain.arrangements.bucket-with-holes-on-bucket'),
    upper: drainSay('drain.arrangements.bucket-with-holes'),
    lower: drainSay('drain.arrangements.bucket-under-it'),
    note: drainSay('drain.arrangements.holes-3-to-6-mm', {
      holes: { lengthMm: { low: 3, high: 6 } },
    }),
    gate: false,
  },
  'two-bucket-gate': {
    name: drainSay('drain.arrangements.two-buckets-lower-with-gate'),
    upper: drainSay('drain.arrangements.bucket-with-holes'),
    lower: drainSay('drain.arrangements.bucket-with-gate'),
    note: drainSay('drain.arrangements.drawn-off-at-gate-while'),
    gate: true,
  },
  mesh: {
    name: drainSay('drain.arrangements.mesh-over-bucket'),
    upper: drainSay('drain.arrangements.mesh-basket'),
    lower: drainSay('drain.arrangements.bucket-under-it'),
    note: drainSay('drain.arrangements.quick-lets-fine-wax-through'),
    gate: false,
  },
  cloth: {
    name: drainSay('drain.arrangements.cloth-over-bucket'),
    upper: drainSay('drain.arrangements.cloth-tied'),
    lower: drainSay('drain.arrangements.bucket-under-it'),
    note: drainSay('drain.arrangements.slow-and-clear-boil-cloth'),
    gate: false,
  },
  colander: {
    name: drainSay('drain.arrangements.colander-on-bowl'),
    upper: drainSay('drain.arrangements.colander'),
    lower: drainSay('drain.arrangements.bowl'),
    note: drainSay('drain.arrangements.for-comb-or-two'),
    gate: false,
  },
  'press-bag': {
    name: drainSay('drain.arrangements.bag-in-press'),
    upper: drainSay('drain.arrangements.press-with-its-bag'),
    lower: drainSay('drain.arrangements.bowl-under-spout'),
    note: drainSay('drain.arrangements.turn-rest-turn-bag-that'),
    gate: false,
  },
  'box-tray': {
    name: drainSay('drain.arrangements.box-over-tray'),
    upper: drainSay('drain.arrangements.box-with-its-combs'),
    lower: drainSay('drain.arrangements.tray'),
    note: drainSay('drain.arrangements.combs-sliced-in-box-or'),
    gate: false,
  },
  'sieve-jar': {
    name: drainSay('drain.arrangements.sieve-on-jar'),
    upper: drainSay('drain.arrangements.sieve'),
    lower: drainSay('drain.arrangements.jar'),
    note: drainSay('drain.arrangements.small-amounts-straight-into-jar'),
    gate: false,
  },
};

/** Kilograms of honey a vessel holds up to its mark, headspace left free. */
export function vesselFullKg(
  vessel: Pick<Vessel, 'volumeL'> & { headspacePercent?: number | null },
  moisturePercent: number,
  temperatureC: number,
): number {
  const free =
    vessel.headspacePercent === null || vessel.headspacePercent === undefined
      ? HEADSPACE_SHARE
      : vessel.headspacePercent / 100;
  return vessel.volumeL * (1 - free) * honeyDensityKgPerL(moisturePercent, temperatureC);
}

/**
 * Crushed comb lies looser than honey: litres by its mass and the honey's density, a tenth more for
 * air. A starting value.
 */
const BED_AIR = 1.1;

/**
 * What is wrong with a stack before anything is poured, each in a sentence; empty where nothing is.
 * Takes the vessels chosen (null where not in the kit), the comb to be broken up in kg and the
 * honey expected from it.
 */
export function stackQuestions(input: {
  upper: Vessel | null;
  lower: Vessel | null;
  crushedKg: number;
  outKg: Range;
  inLowerKg?: number;
  moisturePercent: number;
  temperatureC: number;
}): Say[] {
  const { upper, lower, crushedKg, outKg, moisturePercent, temperatureC } = input;
  const says: Say[] = [];
  if (upper && lower && upper.id === lower.id)
    says.push(drainSay('drain.arrangements.same-vessel'));
  if (upper) {
    const holdsKg = vesselFullKg(upper, moisturePercent, temperatureC) / BED_AIR;
    if (holdsKg < crushedKg)
      says.push(
        drainSay('drain.arrangements.upper-holds', {
          vessel: upper.name,
          holds: { massG: holdsKg * 1000, as: 'large' },
          crushed: { massG: crushedKg * 1000, as: 'large' },
        }),
      );
  }
  if (lower) {
    const freeKg = vesselFullKg(lower, moisturePercent, temperatureC) - (input.inLowerKg ?? 0);
    if (freeKg < outKg.low)
      says.push(
        drainSay('drain.arrangements.lower-takes', {
          vessel: lower.name,
          free: { massG: Math.max(0, freeKg) * 1000, as: 'large' },
          least: { massG: outKg.low * 1000, as: 'large' },
        }),
      );
    else if (freeKg < outKg.high)
      says.push(
        drainSay('drain.arrangements.lower-may-fill', {
          vessel: lower.name,
          free: { massG: freeKg * 1000, as: 'large' },
          most: { massG: outKg.high * 1000, as: 'large' },
        }),
      );
  }
  return says;
}
