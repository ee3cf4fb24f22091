import type { Content } from '@furrow/core';
import { tell } from '../words/tell.js';

/** What the bands of a side are called. */
export const BAND_WORDS: Record<Content, string> = {
  capped: tell('common.capped'),
  open: tell('common.open'),
  pollen: tell('common.pollen'),
  brood: tell('common.brood'),
  empty: tell('common.empty'),
};

/** Room beside a word for its pattern, its field and its sign, and for a letter, px. */
const BESIDE_PX = 108;
const LETTER_PX = 7.8;
/** Room that the bands' numbers and words need, px: as much as the longest word of the language. */
export const BANDS_PX = Math.max(
  164,
  ...Object.values(BAND_WORDS).map((word) => Math.ceil(BESIDE_PX + word.length * LETTER_PX)),
);
