import type { FreezingSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const freezing: Sentences<FreezingSays> = {
  'freeze.plan': [
    '{all} no congelador: miolo a {core} depois de no máximo {cooling}, depois {hold} para',
    '{pest}. Depois {thaw} fechado, para a água ficar na embalagem e não no favo.',
  ],
  'freeze.overloaded': 'Mais de um décimo do congelador de uma vez: leva o dobro do tempo.',
  'freeze.touching': 'Pedaços encostados: leva o dobro do tempo.',
  'freeze.too-warm': [
    'Um congelador a {freezer} não leva o miolo a {core}, que {pest} pede: mais frio, ou',
    'outro congelador.',
  ],
  'freeze.moth-alone': 'Acaba só com a traça-da-cera.',
};
