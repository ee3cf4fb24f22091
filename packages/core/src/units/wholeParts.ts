/**
 * Whole numbers that add up to what they are parts of: each part rounded down, the ones left given
 * to the largest remainders, the first of equals first. Takes parts of at least 0 and the whole, by
 * default their rounded sum; a part of 0 stays 0 unless the whole says otherwise.
 */
export function wholeParts(
  parts: readonly number[],
  whole = Math.round(parts.reduce((sum, part) => sum + part, 0)),
): number[] {
  // A part a hair under a whole number is that number: 0.07 x 100 is 7.000000000000001, 0.29 x 100
  // under 29.
  const floors = parts.map((part) => Math.floor(part + 1e-9));
  const left = whole - floors.reduce((sum, floor) => sum + floor, 0);
  const byRemainder = parts
    .map((part, i) => ({ i, rest: part - floors[i] }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of byRemainder.slice(0, Math.max(0, left))) floors[i]++;
  return floors;
}
