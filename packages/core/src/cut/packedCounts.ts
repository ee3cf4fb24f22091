/** Bits of one number that hold counts: the sign bit stays free. */
const BITS = 30;

/**
 * Counts of limited kinds in one whole number: each kind has a field with one bit to spare, so that
 * counts of two regions are added and held against limits in one step each.
 */
export interface PackedCounts {
  /** One piece of a kind; 0 where it has no limit. */
  one: readonly number[];
  /** Whether no field holds more than its limit; of two counts within them, added. */
  fit: (counts: number) => boolean;
  /** Whether every count of the first is at most that of the second. */
  atMost: (counts: number, other: number) => boolean;
}

/**
 * Packs limits by kind, null where a kind has none.
 *
 * @returns Null where the limits take more bits than one number has.
 */
export function packedCounts(limits: readonly (number | null)[]): PackedCounts | null {
  let [shift, bias, guard] = [0, 0, 0];
  const one = limits.map((limit) => {
    if (limit === null) return 0;
    const bits = Math.ceil(Math.log2(limit + 1)) + 1;
    const spare = 2 ** (bits - 1);
    bias += (spare - 1 - limit) * 2 ** shift;
    guard += spare * 2 ** shift;
    const unit = 2 ** shift;
    shift += bits;
    return unit;
  });
  if (shift > BITS) return null;
  return {
    one,
    fit: (counts) => ((counts + bias) & guard) === 0,
    atMost: (counts, other) => (((other | guard) - counts) & guard) === guard,
  };
}
