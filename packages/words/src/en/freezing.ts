import type { FreezingSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const freezing: Sentences<FreezingSays> = {
  'freeze.plan': [
    '{all} in the freezer: core at {core} after at most {cooling}, then {hold} for {pest}.',
    'Then {thaw} closed, so that water settles on the wrap and not on the comb.',
  ],
  'freeze.overloaded': 'More than a tenth of the freezer at once: it takes twice as long.',
  'freeze.touching': 'Pieces that touch: it takes twice as long.',
  'freeze.too-warm': [
    'A freezer at {freezer} does not get the core to {core}, which {pest} asks for: colder,',
    'or another freezer.',
  ],
  'freeze.moth-alone': 'It ends wax moth alone.',
};
