import type { HiveNameSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hiveName: Sentences<HiveNameSays> = {
  'hiveName.cut-comb': 'Melgueira de favo em pedaços',
  'hiveName.drain-frame': 'Melgueira de quadros de escorrer',
  'hiveName.framed': 'Melgueira de quadros, para esmagar',
  'hiveName.pile-box': 'Caixas empilhadas com travessas',
  'hiveName.stingless': 'Caixa de abelhas sem ferrão',
  'hiveName.top-bar': 'Colmeia horizontal de barras',
  'hiveName.warre': 'Colmeia Warré',
  'hiveName.combs': '{count, plural, one {# favo} other {# favos}}',
  'hiveName.frames': '{count, plural, one {# quadro} other {# quadros}}',
  'hiveName.pots': '{count, plural, one {# grupo de potes} other {# grupos de potes}}',
  'hiveName.boxes': '{count, plural, one {caixa} other {caixas}} {boxes}',
  'hiveName.both': '{boxes} e {combs}',
  'hiveName.comb': 'favo',
  'hiveName.frame': 'quadro',
  'hiveName.pot-group': 'potes',
  'hiveName.unit-at': '{unit} {place}',
};
