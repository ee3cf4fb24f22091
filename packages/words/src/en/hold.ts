import type { HoldSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const hold: Sentences<HoldSays> = {
  'hold.sick.name': 'disease in the colony',
  'hold.sick.left': 'Honey, wax and gear carry disease to other colonies.',
  'hold.sick.bars': 'Nothing of it is eaten, given, sold, rendered for others or fed.',
  'hold.sick.ask': [
    'Keep it closed and apart from bees. Ask the bee inspector what may be done with it;',
    'some brood diseases must be reported.',
  ],
  'hold.dead.name': 'dead colony, cause not answered',
  'hold.dead.left': 'It is eaten before anybody knows what they died of.',
  'hold.dead.bars': 'It is kept apart: not eaten, given, sold or fed until it is answered.',
  'hold.dead.ask': 'Answer the checklist of the dead colony, or ask an inspector or a laboratory.',
  'hold.treated.name': 'comb that hung there during a treatment',
  'hold.treated.left': 'What was given to the bees is eaten with it.',
  'hold.treated.bars': 'Not for eating, gift or sale.',
  'hold.treated.ask': 'Read the leaflet; ask a vet or the food authority.',
  'hold.syrup.name': 'may hold syrup',
  'hold.syrup.left': 'Syrup leaves the house as honey.',
  'hold.syrup.bars': 'Not offered as honey, for sale or as a gift.',
  'hold.syrup.ask': 'Use it at home, or ask a laboratory whether it is honey.',
  'hold.for': '{hive}: {why}',
  'hold.brood-sick': '{hive}: on {on} the brood looked sick.',
  'hold.inspector': '{hive}: on {on} an inspector found disease.',
  'hold.died-diseased': '{hive}: on {on} the colony died, foulbrood or disease is suspected.',
  'hold.died-poisoned': '{hive}: on {on} the colony died, poisoning is suspected.',
  'hold.back': 'Held back: {why} {what} {ask}',
  'hold.said': '{why} {bars}',
  'hold.ask': '{why} {ask}',
  'hold.answered': 'The checklist of the dead colony was answered.',
};
