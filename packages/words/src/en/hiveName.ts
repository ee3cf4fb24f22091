import type { HiveNameSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hiveName: Sentences<HiveNameSays> = {
  'hiveName.cut-comb': 'Cut-comb super',
  'hiveName.drain-frame': 'Split-cell drain-frame super',
  'hiveName.framed': 'Framed super, for crushing',
  'hiveName.pile-box': 'Crossbar pile box',
  'hiveName.stingless': 'Stingless-bee box',
  'hiveName.top-bar': 'Horizontal top-bar hive',
  'hiveName.warre': 'Warré hive',
  'hiveName.combs': '{count, plural, one {# comb} other {# combs}}',
  'hiveName.frames': '{count, plural, one {# frame} other {# frames}}',
  'hiveName.pots': '{count, plural, one {# group of pots} other {# groups of pots}}',
  'hiveName.boxes': '{count, plural, one {box} other {boxes}} {boxes}',
  'hiveName.both': '{boxes} and {combs}',
  'hiveName.comb': 'comb',
  'hiveName.frame': 'frame',
  'hiveName.pot-group': 'pots',
  'hiveName.unit-at': '{unit} {place}',
};
