import { toldWhenRead } from '../words/toldWhenRead.js';
import type { ColonyFact } from '@furrow/core';

/** What a colony may be, in words: within a sentence, small. */
type FactOf<Kind extends ColonyFact['kind']> = Extract<ColonyFact, { kind: Kind }>;
export const TEMPERS: Readonly<Record<FactOf<'temper'>['temper'], string>> = toldWhenRead({
  calm: 'colonyLines.calm',
  nervous: 'colonyLines.nervous',
  defensive: 'colonyLines.defensive',
});
export const STRENGTHS: Readonly<Record<FactOf<'strength'>['strength'], string>> = toldWhenRead({
  weak: 'colonyLines.weak',
  middle: 'colonyLines.middle',
  strong: 'colonyLines.strong',
});
export const FLOWS: Readonly<Record<Exclude<FactOf<'flow'>['flow'], 'none'>, string>> =
  toldWhenRead({
    strong: 'colonyLines.flow-strong',
    some: 'colonyLines.flow-some',
  });
export const FEEDS: Readonly<Record<FactOf<'feeding'>['what'], string>> = toldWhenRead({
  syrup: 'colonyLines.syrup',
  fondant: 'colonyLines.fondant',
});
export const ENTRANCES: Readonly<Record<FactOf<'entrance'>['entrance'], string>> = toldWhenRead({
  open: 'colonyLines.entrance-open',
  reduced: 'colonyLines.entrance-reduced',
  screened: 'colonyLines.entrance-screened',
});
