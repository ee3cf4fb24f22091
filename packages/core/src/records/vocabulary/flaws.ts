/**
 * What a piece must not have on it. The first are read from the comb, the others drawn on by hand.
 */
export const FLAW_KINDS = [
  'edge',
  'open',
  'pollen',
  'brood',
  'empty',
  'damaged',
  'dark',
  'crack',
  'dent',
  'wire',
  'thin',
  'thickness',
] as const;
export type FlawKind = (typeof FLAW_KINDS)[number];

export interface Rect {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

export interface Cut {
  x1Mm: number;
  y1Mm: number;
  x2Mm: number;
  y2Mm: number;
}

/**
 * A flaw, or a region whose thickness was measured apart (kind `thickness`, mm): that bars only
 * boxes it does not suit.
 */
export interface Flaw extends Rect {
  kind: FlawKind;
  thicknessMm?: number;
}
