/** The ways a comb, frame, box or group of pots can go. 'leave' is the one that is always there. */
export const WAYS = [
  'cut',
  'chunk',
  'crush',
  'slice',
  'press',
  'drip-press',
  'drain-hive',
  'drain-off',
  'draw-pots',
  'cut-pots',
] as const;
export type Way = (typeof WAYS)[number];
export type WayOrLeave = Way | 'leave';

/**
 * What a way does in the old row of stages: whether a knife, a bed of crushed comb, or neither
 * follows the hive.
 */
export const cutsComb = (way: WayOrLeave): boolean => way === 'cut' || way === 'chunk';

export const runsInPlace = (way: WayOrLeave): boolean =>
  way === 'drain-hive' || way === 'drain-off' || way === 'draw-pots';

/** Pots of stingless bees go their own two ways. */
export const takesPots = (way: WayOrLeave): boolean => way === 'draw-pots' || way === 'cut-pots';

/**
 * What was drained, drawn or cut out in part goes on living in the hive; other comb ends when it is
 * taken.
 */
export const combStays = (way: WayOrLeave): boolean => runsInPlace(way) || takesPots(way);

export const crushesComb = (way: WayOrLeave): boolean => way !== 'leave' && !runsInPlace(way);
