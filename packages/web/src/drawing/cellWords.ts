import { toldWhenRead } from '../words/toldWhenRead.js';

/** What a cell of each kind is called. */
export const CELL_WORDS = toldWhenRead({
  capped: 'common.capped',
  open: 'common.open',
  pollen: 'common.pollen',
  brood: 'common.brood',
  empty: 'common.empty',
  damaged: 'common.damaged',
  drone: 'common.drone',
});
/** How dark the honey behind a cap or in an open cell is. */
export const TONE_WORDS = toldWhenRead({
  none: 'CombPaint.no-tone',
  pale: 'CombPaint.pale',
  amber: 'CombPaint.amber',
  dark: 'CombPaint.dark',
});
