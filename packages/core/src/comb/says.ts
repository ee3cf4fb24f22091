import { sayer, type Say } from '../say/say.js';

/** What a comb is said of: a photo that cannot be read, cold that reaches its core, guesses at its weight. */
export interface CombSays {
  'comb.guess.right': object;
  'comb.guess.too-much': { off: { percent: number } };
  'comb.guess.too-little': { off: { percent: number } };
  'comb.guess.about-right': { guesses: number };
  'comb.guess.bias-little': { off: { percent: number }; guesses: number };
  'comb.guess.bias-much': { off: { percent: number }; guesses: number };
  'comb.photo.corners': object;
  'comb.photo.too-small': { pixels: string; least: number };
  'comb.photo.dabs': object;
  'comb.photo.outside': object;
  'comb.photo.dark': object;
  'comb.photo.alike': { one: Say; other: Say };
  'comb.photo.covered': { share: { percent: number } };
  'comb.photo.glare': object;
  'comb.photo.unsure': object;
  'comb.content.capped': object;
  'comb.content.open': object;
  'comb.content.pollen': object;
  'comb.content.brood': object;
  'comb.content.empty': object;
  'comb.cold.never': { freezer: { temperatureC: number }; core: { temperatureC: number } };
  'comb.cold.already': { core: { temperatureC: number } };
  'comb.cold.piece': {
    core: { temperatureC: number };
    low: { hours: number };
    high: { hours: number };
  };
  'comb.cold.frame': {
    core: { temperatureC: number };
    low: { hours: number };
    high: { hours: number };
  };
  'comb.cold.super': {
    core: { temperatureC: number };
    low: { hours: number };
    high: { hours: number };
  };
  'comb.photo.none': object;
  'comb.content.damaged': object;
  'comb.content.drone': object;
}

export const combSay = sayer<CombSays>();
