import { sayer, type Say } from '../say/say.js';

/** What a plan to freeze says. */
export interface FreezingSays {
  'freeze.plan': {
    all: { hours: number };
    core: { temperatureC: number };
    cooling: { hours: number };
    hold: { hours: number };
    pest: Say;
    thaw: { hours: number };
  };
  'freeze.overloaded': object;
  'freeze.touching': object;
  'freeze.too-warm': {
    freezer: { temperatureC: number };
    core: { temperatureC: number };
    pest: Say;
  };
  'freeze.moth-alone': object;
}

export const freezingSay = sayer<FreezingSays>();
