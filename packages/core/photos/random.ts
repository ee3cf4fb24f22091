/** A seeded generator of numbers in 0 to 1 (mulberry32), and a normal one from it. */
export function seeded(seed: number): { next: () => number; normal: () => number; between: (low: number, high: number) => number; pick: <T>(of: readonly T[]) => T } {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    next,
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
    between: (low, high) => low + (high - low) * next(),
    pick: (of) => of[Math.floor(next() * of.length)],
  };
}
/** A fixed number in 0 to 1 for a cell and a purpose. */
export function cellNoise(i: number, salt: number): number {
  let h = Math.imul(i + 1, 374761393) ^ Math.imul(salt + 11, 668265263);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}
/** Smooth noise in 0 to 1 over the plane. */
export function smoothNoise(x: number, y: number, salt: number): number {
  const [xi, yi] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [(x - xi) ** 2 * (3 - 2 * (x - xi)), (y - yi) ** 2 * (3 - 2 * (y - yi))];
  const at = (a: number, b: number): number => cellNoise((xi + a) * 7919 + (yi + b) * 104729, salt);
  return at(0, 0) * (1 - u) * (1 - v) + at(1, 0) * u * (1 - v) + at(0, 1) * (1 - u) * v + at(1, 1) * u * v;
}
