import type { CalcSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const calc: Sentences<CalcSays> = {
  'calc.unknown': 'There is no calculator "{name}". Known: {known}.',
  'calc.unknown-name': 'There is no calculator "{name}".',
  'calc.how-many-litres': 'How many litres?',
  'calc.rinse-brix': 'A rinse reads 0 to {most} °Brix; above that weigh it as honey.',
  'calc.gravity': 'A gravity between 1.001 and {most}.',
  'calc.final-gravity': 'The final gravity lies between 0.980 and the first.',
  'calc.no-lot': 'There is no lot "{lot}" in this book.',
  'calc.flow-between-places': 'A flow goes from one place to another.',
  'calc.flow-touches-lot': 'A flow touches at least one lot.',
  'calc.no-flow-to-void': 'There is no flow "{flow}" to void.',
  'calc.void-itself': 'A flow cannot void itself.',
  'calc.void-of-void': 'A void cannot be voided: write the flow again.',
  'calc.opens-negative': '{lot} opens with a negative mass.',
  'calc.flow-negative': 'A flow from {from} to {to} is negative ({g} g).',
  'calc.flow-names-no-lot': 'A flow names {lot}, which is no lot of this book.',
  'calc.overdrawn': 'At {at} {g} g more had left {lot} than had come in.',
  'calc.no-senml': 'This is no SenML: a list of records is needed, each with a value.',
  'calc.record-no-value': 'Record {record} has no number as its value.',
  'calc.record-no-time': 'Record {record} has no time that is an instant.',
  'calc.record-unit':
    'Record {record} has the unit "{unit}", which is not read here: kg, g, Cel, K, / or %RH.',
  'calc.honey-worked': 'Honey is worked between {least} and {most}.',
  'calc.honey-does-not-flow':
    'Honey this cold and dry does not flow: the formula has no value here.',
  'calc.below-zero': 'Below absolute zero.',
  'calc.one-reading': 'Give one reading: refractive index, Brix or moisture.',
  'calc.exactly-one-reading': 'Give exactly one reading: the scales are not the same thing.',
  'calc.reading-no-water':
    'This reading gives no water content between 0 and 100 %. Check the scale.',
  'calc.more-kept-back': 'More is kept back than there is honey.',
  'calc.honey-at-most': 'At most {most} at a time.',
  'calc.too-many-steps': 'A comb of {width} by {height} has too many steps of {step}.',
  'calc.more-out-than-in': [
    'More honey is out ({out}) than the comb held (at most {held}): look at tares and',
    'draw-offs first.',
  ],
  'calc.two-weighings': 'A fit needs at least two weighings at different times after the start.',
  'calc.face-unreadable': 'The cells of this face cannot be read.',
  'calc.face-cells': 'This face has {cells} cells, its outline {outline}.',
  'calc.cell-unknown': 'A cell of this face holds nothing known.',
};
