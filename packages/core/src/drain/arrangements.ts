import { honeyDensityKgPerL } from '../honey/density.js';
import type { Vessel } from '../records/views.js';
import type { Arrangement } from '../records/vocabulary/bench.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import type { Range } from '../units/format.js';

export const ARRANGEMENT_WORDS: Record<
  Arrangement,
  { name: string; upper: string; between: string; lower: string; note: string; gate: boolean }
> = {
  'holed-bucket': {
    name: 'Bucket with holes on a bucket',
    upper: 'Bucket with holes',
    between: 'strainer',
    lower: 'Bucket under it',
    note: 'Holes of 3 to 6 mm; the lower bucket is lifted off to empty it.',
    gate: false,
  },
  'two-bucket-gate': {
    name: 'Two buckets, the lower with a gate',
    upper: 'Bucket with holes',
    between: 'strainer',
    lower: 'Bucket with gate',
    note: 'Drawn off at the gate while it still drains.',
    gate: true,
  },
  mesh: {
    name: 'Mesh over a bucket',
    upper: 'Mesh basket',
    between: 'mesh',
    lower: 'Bucket under it',
    note: 'Quick, lets fine wax through.',
    gate: false,
  },
  cloth: {
    name: 'Cloth over a bucket',
    upper: 'Cloth, tied',
    between: 'cloth',
    lower: 'Bucket under it',
    note: 'Slow and clear; boil the cloth first, no scent.',
    gate: false,
  },
  colander: {
    name: 'Colander on a bowl',
    upper: 'Colander',
    between: 'holes',
    lower: 'Bowl',
    note: 'For a comb or two.',
    gate: false,
  },
  'press-bag': {
    name: 'Bag in a press',
    upper: 'Press with its bag',
    between: 'bag',
    lower: 'Bowl under the spout',
    note: 'Turn, rest, turn: a bag that bursts is honey on the floor.',
    gate: false,
  },
  'box-tray': {
    name: 'Box over a tray',
    upper: 'Box with its combs',
    between: 'grid',
    lower: 'Tray',
    note: 'Combs sliced in the box, or frames opened over the tray.',
    gate: false,
  },
  'sieve-jar': {
    name: 'Sieve on a jar',
    upper: 'Sieve',
    between: 'sieve',
    lower: 'Jar',
    note: 'Small amounts, straight into the jar; watch its neck.',
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
}): string[] {
  const { upper, lower, crushedKg, outKg, moisturePercent, temperatureC } = input;
  const says: string[] = [];
  if (upper && lower && upper.id === lower.id) says.push('The same vessel stands above and below.');
  if (upper) {
    const holdsKg = vesselFullKg(upper, moisturePercent, temperatureC) / BED_AIR;
    if (holdsKg < crushedKg)
      says.push(
        `${upper.name} holds about ${holdsKg.toFixed(1)} kg of broken comb; there are ${crushedKg.toFixed(1)} kg. Put it in twice, or take a larger one.`,
      );
  }
  if (lower) {
    const freeKg = vesselFullKg(lower, moisturePercent, temperatureC) - (input.inLowerKg ?? 0);
    if (freeKg < outKg.low)
      says.push(
        `${lower.name} takes ${Math.max(0, freeKg).toFixed(1)} kg; at least ${outKg.low.toFixed(1)} kg will come. Draw off in between: the clock says when.`,
      );
    else if (freeKg < outKg.high)
      says.push(
        `${lower.name} takes ${freeKg.toFixed(1)} kg; it may come to ${outKg.high.toFixed(1)} kg. The clock watches it.`,
      );
  }
  return says;
}
