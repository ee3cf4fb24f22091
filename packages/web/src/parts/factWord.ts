import type { ColonyFact } from '@furrow/core';
import { measured, tell } from '../words/tell.js';
import { ENTRANCES, FLOWS, STRENGTHS, TEMPERS } from './colonyWords.js';

const yesOrNo = (is: boolean): string =>
  (is ? tell('common.yes') : tell('common.no')).toLowerCase();

/** What a fact of a colony says, in a word or two; nothing where its name says all. */
export function factWord(fact: ColonyFact): string {
  switch (fact.kind) {
    case 'temper':
      return TEMPERS[fact.temper];
    case 'strength':
      return STRENGTHS[fact.strength];
    case 'flow':
      return fact.flow === 'none' ? tell('colonyLines.dearth') : FLOWS[fact.flow];
    case 'entrance':
      return ENTRANCES[fact.entrance];
    case 'queen':
      return yesOrNo(fact.seen);
    case 'nest':
      return fact.full ? tell('colonyLines.full') : tell('colonyLines.room-left');
    case 'excluder':
      return fact.fitted ? tell('colonyLines.is-fitted') : tell('colonyLines.is-out');
    case 'reserved-super':
      return yesOrNo(fact.reserved);
    case 'gap':
      return yesOrNo(fact.gap);
    case 'tilt':
      return `${fact.degrees}°`;
    case 'hive-weight':
      return measured({ massG: fact.kg * 1000, as: 'large' });
    default:
      return '';
  }
}
