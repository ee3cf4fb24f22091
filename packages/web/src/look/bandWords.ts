import { toldWhenRead } from '../words/toldWhenRead.js';
import type { Content } from '@furrow/core';

/** What the bands of a side are called. */
export const BAND_WORDS: Readonly<Record<Content, string>> = toldWhenRead({
  capped: 'common.capped',
  open: 'common.open',
  pollen: 'common.pollen',
  brood: 'common.brood',
  empty: 'common.empty',
});

/** Room beside a word for its pattern, its field and its sign, and for a letter, px. */
const BESIDE_PX = 108;
const LETTER_PX = 7.8;
/** Room that the bands' numbers and words need, px: as much as the longest word of the language. */
export const bandsPx = (): number =>
  Math.max(
    164,
    ...Object.values(BAND_WORDS).map((word) => Math.ceil(BESIDE_PX + word.length * LETTER_PX)),
  );
