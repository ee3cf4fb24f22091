import type { CutSays } from '@furrow/core';
import type { Sentences } from '../catalogue.js';

export const cut: Sentences<CutSays> = {
  'cut.template.ruler': '{length} if printed at 100 %: lay a ruler beside it',
};
