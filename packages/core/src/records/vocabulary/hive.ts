/** Every kind of hive, by name; what each decides stands in its description (hive/kinds). */
export const HIVE_KIND_NAMES = [
  'top-bar',
  'warre',
  'pile-box',
  'framed',
  'cut-comb',
  'drain-frame',
  'stingless',
] as const;
export type HiveKindName = (typeof HIVE_KIND_NAMES)[number];

export type Hemisphere = 'north' | 'south';

/**
 * Where combs hang: the one file of a long hive, a box of a stack, the brood box, a super above it.
 */
export type Compartment = 'file' | 'box' | 'brood' | 'super';

/** Measures of a hive: millimetres and counts by name, and words such as the kind of sheet. */
export type Geometry = Readonly<Record<string, number | string>>;

/** How a face can be looked at. Only what is held in the hand or lies open shows every cell. */
export type SeenBy = 'hand' | 'photo' | 'window' | 'end-pane' | 'below' | 'above';
