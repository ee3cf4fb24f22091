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

export const WAY_WORDS: Record<WayOrLeave, { name: string; note: string; lot: string }> = {
  leave: { name: 'Leave', note: 'stays in the hive', lot: 'left' },
  cut: { name: 'Cut comb', note: 'pieces, the trimmings crushed', lot: 'pieces' },
  chunk: { name: 'Chunk', note: 'strips in jars, topped up with honey', lot: 'chunk' },
  crush: { name: 'Crush and strain', note: 'broken up, stirred, strained', lot: 'crushed' },
  slice: { name: 'Slice and drip', note: 'slow and clear', lot: 'sliced' },
  press: { name: 'Press', note: 'at once, through cloth', lot: 'pressed' },
  'drip-press': {
    name: 'Drip, then press',
    note: 'crushed, drained, the rest pressed',
    lot: 'dripped and pressed',
  },
  'drain-hive': {
    name: 'Drain in the hive',
    note: 'opened in place, into jars',
    lot: 'drained in the hive',
  },
  'drain-off': {
    name: 'Drain off the hive',
    note: 'super off, over a tray',
    lot: 'drained over a tray',
  },
  'draw-pots': { name: 'Draw off the pots', note: 'sealed pots, by suction', lot: 'drawn off' },
  'cut-pots': {
    name: 'Cut the pots out',
    note: 'sealed pots whole, crushed and strained at home',
    lot: 'cut out',
  },
};

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
