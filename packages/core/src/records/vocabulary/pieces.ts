export const PIECE_SHAPES = ['rectangle', 'round', 'wedge'] as const;
export type PieceShape = (typeof PIECE_SHAPES)[number];

export const PESTS = ['moth', 'beetle', 'both'] as const;
export type Pest = (typeof PESTS)[number];

export const GRADES = ['premium', 'discount', 'chunk', 'sample', 'crush'] as const;
export type Grade = (typeof GRADES)[number];

/** What is seen on a piece that lies on the board. */
export const BLEMISHES = [
  'cracked',
  'open-cells',
  'wet-top',
  'sagged',
  'torn-edge',
  'stained',
] as const;
export type Blemish = (typeof BLEMISHES)[number];

/**
 * How comb stands in the cold: one wrapped piece, one frame or comb by itself, or a whole box with
 * its frames and gaps.
 */
export const PACKINGS = ['piece', 'frame', 'super'] as const;
export type Packing = (typeof PACKINGS)[number];
