import type { ColonyFact } from '@furrow/core';
import { tell } from '../words/tell.js';

/** What a colony may be, in words: within a sentence, small. */
type FactOf<Kind extends ColonyFact['kind']> = Extract<ColonyFact, { kind: Kind }>;
export const TEMPERS: Record<FactOf<'temper'>['temper'], string> = {
  calm: tell('colonyLines.calm'),
  nervous: tell('colonyLines.nervous'),
  defensive: tell('colonyLines.defensive'),
};
export const STRENGTHS: Record<FactOf<'strength'>['strength'], string> = {
  weak: tell('colonyLines.weak'),
  middle: tell('colonyLines.middle'),
  strong: tell('colonyLines.strong'),
};
export const FLOWS: Record<Exclude<FactOf<'flow'>['flow'], 'none'>, string> = {
  strong: tell('colonyLines.flow-strong'),
  some: tell('colonyLines.flow-some'),
};
export const FEEDS: Record<FactOf<'feeding'>['what'], string> = {
  syrup: tell('colonyLines.syrup'),
  fondant: tell('colonyLines.fondant'),
};
export const ENTRANCES: Record<FactOf<'entrance'>['entrance'], string> = {
  open: tell('colonyLines.entrance-open'),
  reduced: tell('colonyLines.entrance-reduced'),
  screened: tell('colonyLines.entrance-screened'),
};
