import type { HoneySays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const honey: Sentences<HoneySays> = {
  'honey.keeping.keep-cold': [
    "{water} water. Stingless-bee honey is wet by nature and outside Lochhead's classes:",
    'keep it cold under a vented lid and eat it soon.',
  ],
  'honey.keeping.keeps':
    '{water} water. At or under {keeps} Lochhead (1933) saw no fermentation, whatever the yeast.',
  'honey.keeping.watch': [
    '{water} water. Between {keeps} and {watch} it depends on the yeast in it (Lochhead',
    '1933): keep it cool and look at it.',
  ],
  'honey.keeping.use-soon': [
    '{water} water. Between {watch} and {useSoon} even a little yeast ferments it (Lochhead',
    '1933): use it first.',
  ],
  'honey.keeping.ferments': [
    '{water} water. Above {useSoon} it is always at risk of fermenting (Lochhead 1933), and',
    'over the {useSoon} of the Codex Alimentarius.',
  ],
};
