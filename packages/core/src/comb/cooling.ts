import type { Range } from '../units/format.js';
import { rangeOf } from '../units/ranges.js';

/** Diffusivity of honey comb, m²/s (SCIENCE 8). */
const DIFFUSIVITY = 1.3e-7;
/** Heat transfer of still air to a wrapped piece, W/m²K (SCIENCE 8: 5 to 8); the quick edge cools best. */
const AIR = { low: 8, mid: 6.5, high: 5 };
/** Conductivity of honey, W/mK: 0.33 to 0.40 in the literature at 17 % water; 0.35 taken. */
const CONDUCTIVITY = 0.35;

/** First root of z tan z = biot on (0, pi/2), by bisection. */
function firstRoot(biot: number): number {
  let [low, high] = [0, Math.PI / 2];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (middle * Math.tan(middle) < biot) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Hours until the CORE of a slab of comb has cooled to `coreC` in still freezer air on both faces, as a range
 * (low the quick edge). Takes its thickness in mm, what it begins at, the freezer and the core asked, °C.
 * One-term solution of conduction in a slab (SCIENCE 8): a 35 mm piece in -18 °C takes about 2 to 5.5 h to
 * between -7 and -15 °C. Infinite where the freezer is not colder than the core asked; 0 where it is cold already.
 */
export function coreCoolingHours(input: {
  thicknessMm: number;
  startC: number;
  freezerC: number;
  coreC: number;
}): Range {
  const { startC, freezerC, coreC } = input;
  const half = input.thicknessMm / 2000;
  return rangeOf((edge) => {
    if (coreC >= startC) return 0;
    if (freezerC >= coreC) return Infinity;
    const biot = (AIR[edge] * half) / CONDUCTIVITY;
    const z = firstRoot(biot);
    const amplitude = (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z));
    const theta = (coreC - freezerC) / (startC - freezerC);
    return Math.max(0, (Math.log(amplitude / theta) / z ** 2) * (half ** 2 / DIFFUSIVITY)) / 3600;
  });
}

/** Hours the core has to stay cold for all stages of wax moth to die (Cantwell and Smith 1970, SCIENCE 8), by its temperature; null above -7 °C. */
export function mothHoldHours(coreC: number): number | null {
  if (coreC > -7) return null;
  if (coreC <= -15) return 2;
  // Between the three published points: -7 °C 4.5 h, -12 °C 3 h, -15 °C 2 h.
  return coreC <= -12 ? 3 - (-12 - coreC) / 3 : 4.5 - ((-7 - coreC) / 5) * 1.5;
}

/**
 * Hours in the freezer until moth is ended in every comb, as a range: core to -12 °C (or as cold as the
 * freezer allows), then held. A stack is as thick as the sum of what touches.
 */
export function freezeHours(input: {
  thicknessMm: number;
  startC: number;
  freezerC: number;
}): Range {
  const coreC = Math.max(-12, input.freezerC + 2);
  const hold = mothHoldHours(coreC) ?? Infinity;
  const cooling = coreCoolingHours({ ...input, coreC });
  return rangeOf((e) => cooling[e] + hold);
}
