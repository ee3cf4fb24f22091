import type { HoldSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hold: Sentences<HoldSays> = {
  'hold.sick.name': 'doença na colônia',
  'hold.sick.left': 'Mel, cera e material levam a doença para outras colônias.',
  'hold.sick.bars': 'Nada disso se come, dá, vende, derrete para outros ou serve às abelhas.',
  'hold.sick.ask': [
    'Guarde fechado e longe das abelhas. Pergunte ao inspetor o que se pode fazer; algumas',
    'doenças da cria têm de ser notificadas.',
  ],
  'hold.dead.name': 'colônia morta, causa não respondida',
  'hold.dead.left': 'Come-se antes de alguém saber do que morreram.',
  'hold.dead.bars': 'Fica à parte: não se come, dá, vende nem serve às abelhas até ser respondido.',
  'hold.dead.ask': 'Responda à lista da colônia morta, ou pergunte a um inspetor ou laboratório.',
  'hold.treated.name': 'favo que estava lá durante um tratamento',
  'hold.treated.left': 'O que se deu às abelhas se come junto.',
  'hold.treated.bars': 'Não é para comer, dar nem vender.',
  'hold.treated.ask': 'Leia a bula; pergunte a um veterinário ou à vigilância sanitária.',
  'hold.syrup.name': 'pode ter xarope',
  'hold.syrup.left': 'O xarope sai de casa como mel.',
  'hold.syrup.bars': 'Não se oferece como mel, nem à venda nem de presente.',
  'hold.syrup.ask': 'Use em casa, ou pergunte a um laboratório se é mel.',
  'hold.for': '{hive}: {why}',
  'hold.brood-sick': '{hive}: em {on} a cria parecia doente.',
  'hold.inspector': '{hive}: em {on} um inspetor achou doença.',
  'hold.died-diseased': '{hive}: em {on} a colônia morreu, suspeita-se de cria pútrida ou doença.',
  'hold.died-poisoned': '{hive}: em {on} a colônia morreu, suspeita-se de envenenamento.',
  'hold.back': 'Retido: {why} {what} {ask}',
  'hold.said': '{why} {bars}',
  'hold.ask': '{why} {ask}',
  'hold.answered': 'A lista da colônia morta foi respondida.',
};
