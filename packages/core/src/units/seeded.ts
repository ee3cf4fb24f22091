/** A seeded generator of numbers in 0 to 1 (mulberry32): the same seed gives the same row. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A draw from a triangle over low, mid (the top) and high. */
export function triangular(
  next: () => number,
  range: { low: number; mid: number; high: number },
): number {
  const { low, mid, high } = range;
  if (high <= low) return mid;
  const u = next();
  const at = (mid - low) / (high - low);
  return u < at
    ? low + Math.sqrt(u * (high - low) * (mid - low))
    : high - Math.sqrt((1 - u) * (high - low) * (high - mid));
}

/**
 * The i-th number of a Halton sequence: even over 0 to 1 for any count, together with other bases
 * too, and the same every time.
 */
export function evenly(i: number, base = 2): number {
  let at = 0;
  for (let n = i + 1, part = 1 / base; n > 0; n = Math.floor(n / base), part /= base)
    at += (n % base) * part;
  return at;
}
