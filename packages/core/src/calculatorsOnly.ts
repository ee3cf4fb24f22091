// What the command line bundles: the calculators, and what their refusals are said with; nothing
// else, so that it starts at once.
export * from './badInput.js';
export * from './calculators.js';
export { METRIC } from './records/vocabulary/units.js';
export { isSay, sayer } from './say/say.js';
export { hoursText } from './units/format.js';
export { GRAMS_PER_POUND, gToOz } from './units/mass.js';
export { readNumber } from './units/readNumber.js';
