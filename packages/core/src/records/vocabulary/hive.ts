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

export const HEMISPHERES = ['north', 'south'] as const;
export type Hemisphere = (typeof HEMISPHERES)[number];

/**
 * Where combs hang: the one file of a long hive, a box of a stack, the brood box, a super above it.
 */
export const COMPARTMENTS = ['file', 'box', 'brood', 'super'] as const;
export type Compartment = (typeof COMPARTMENTS)[number];

/** Measures of a hive: millimetres and counts by name, and words such as the kind of sheet. */
export type Geometry = Readonly<Record<string, number | string>>;

/** How a face can be looked at. Only what is held in the hand or lies open shows every cell. */
export const SEEN_BY = ['hand', 'photo', 'window', 'end-pane', 'below', 'above'] as const;
export type SeenBy = (typeof SEEN_BY)[number];
