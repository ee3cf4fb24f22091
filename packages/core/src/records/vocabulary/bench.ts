import type { HouseRules } from '../houseRules.js';

/** How vessels stand on each other while honey drains. */
export const ARRANGEMENTS = [
  'holed-bucket',
  'two-bucket-gate',
  'mesh',
  'cloth',
  'colander',
  'press-bag',
  'box-tray',
  'sieve-jar',
] as const;
export type Arrangement = (typeof ARRANGEMENTS)[number];
export type CrushMethod = HouseRules['crush'];

export const FINENESS = ['coarse', 'middle', 'fine'] as const;

/** How finely the comb was broken, within its method. */
export type Fineness = 'coarse' | 'middle' | 'fine';

/** One reading of a scale as it came, net grams where its tare was known. */
export interface StreamReading {
  at: string;
  g: number;
}

/** The household's own pace by method. */
export type CrushPace = Partial<Record<CrushMethod, { minutesPerKg: number; times: number }>>;
