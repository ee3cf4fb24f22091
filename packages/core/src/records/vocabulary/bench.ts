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
export const CRUSH_METHODS = ['mash', 'chop', 'slice'] as const;
export type CrushMethod = (typeof CRUSH_METHODS)[number];

export const FINENESS = ['coarse', 'middle', 'fine'] as const;

/** How finely the comb was broken, within its method. */
export type Fineness = (typeof FINENESS)[number];

export const DRAIN_EVENT_KINDS = [
  'stir',
  'mash',
  'draw-off',
  'temperature',
  'warm',
  'warm-end',
  'press',
  'skim',
  'moisture',
] as const;

export type DrainEventKind = (typeof DRAIN_EVENT_KINDS)[number];
