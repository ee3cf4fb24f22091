import { entryOf } from '../units/known.js';
/**
 * Height of the shim under the far support, mm: length between supports × tan(angle needed − angle
 * now) (SCIENCE 9). At least 0.
 */
export function shimHeightMm(input: {
  supportsMm: number;
  neededDegrees: number;
  nowDegrees: number;
}): number {
  return Math.max(
    0,
    input.supportsMm * Math.tan(((input.neededDegrees - input.nowDegrees) * Math.PI) / 180),
  );
}

/**
 * Who gets which spare when there are not enough: the most urgent first, then in the order given.
 */
export function allocateSpares<T extends { need: number; urgency: number }>(
  needs: readonly T[],
  stock: number,
): (T & { gets: number; short: number })[] {
  let left = stock;
  const gets = new Map<T, number>();
  for (const need of [...needs].sort((a, b) => b.urgency - a.urgency)) {
    const given = Math.min(left, need.need);
    gets.set(need, given);
    left -= given;
  }
  return needs.map((need) => ({
    ...need,
    gets: entryOf(gets, need),
    short: need.need - entryOf(gets, need),
  }));
}

/** How often the vehicle goes. Null where what it carries was not said. */
export function vehicleTrips(
  loads: readonly { volumeL: number; weightKg: number }[],
  vehicle: { volumeL: number | null; weightKg: number | null },
): { trips: number; volumeL: number; weightKg: number } | null {
  if (vehicle.volumeL === null && vehicle.weightKg === null) return null;
  const volumeL = loads.reduce((sum, l) => sum + l.volumeL, 0);
  const weightKg = loads.reduce((sum, l) => sum + l.weightKg, 0);
  return {
    volumeL,
    weightKg,
    trips: Math.max(
      1,
      Math.ceil(volumeL / (vehicle.volumeL ?? Infinity)),
      Math.ceil(weightKg / (vehicle.weightKg ?? Infinity)),
    ),
  };
}
