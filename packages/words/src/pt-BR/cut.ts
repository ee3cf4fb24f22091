import type { CutSays } from '@furrow/core';
import type { Sentences } from '../catalogue.js';

export const cut: Sentences<CutSays> = {
  'cut.template.ruler': '{length} se impresso a 100 %: ponha uma régua ao lado',
};
