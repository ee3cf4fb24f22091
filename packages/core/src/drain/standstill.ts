/**
 * Weighings that stand still at least this long may mean that nothing runs any more, hours. A
 * starting value.
 */
const STANDS_HOURS = 0.5;
/**
 * What had to come, by the low edge of what was forecast, against what scales waver by. A starting
 * value.
 */
const CLEARLY = 3;

interface Weighed {
  hours: number;
  kg: number;
}

/**
 * Whether the last weighings stand still though honey should run, so that the strainer is blocked
 * or stuck. Takes the weighings in any order, hours at which somebody touched the bed, and
 * `expected`: for the weighings before the stand it gives the least that should have come between
 * two hours. `noiseKg` is what one weighing may be off by. Gives the weight it stands at and since
 * when; null where honey runs or has every reason not to.
 */
export function standstill(
  weighings: readonly Weighed[],
  touches: readonly number[],
  expected: (before: readonly Weighed[]) => (fromHours: number, toHours: number) => number,
  noiseKg: number,
): { kg: number; sinceHours: number } | null {
  // Nothing was out at the start: a first weighing of nothing is a stand of its own.
  const sorted = [...weighings].sort((a, b) => a.hours - b.hours);
  if (!sorted.length || sorted[0].hours > 0) sorted.unshift({ hours: 0, kg: 0 });
  const last = sorted[sorted.length - 1];
  let first = sorted.length - 1;
  while (first > 0 && Math.abs(sorted[first - 1].kg - last.kg) <= noiseKg) first--;
  const from = sorted[first];
  const stood = last.hours - from.hours;
  // Whoever touched the bed since may have freed it: the next weighing tells.
  if (stood < STANDS_HOURS || touches.some((h) => h >= from.hours)) return null;
  const before = sorted.slice(0, first + 1).filter((w) => w.hours > 0);
  const due = expected(before)(from.hours, last.hours);
  return due > CLEARLY * noiseKg ? { kg: last.kg, sinceHours: from.hours } : null;
}
