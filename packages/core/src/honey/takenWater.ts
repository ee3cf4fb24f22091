import { between } from '../units/between.js';
/**
 * Water that honey is taken to hold where nobody measured it, percent by mass: an assumption, never
 * a measurement. 18 stands between the 16 and 20 that ripe honey of the honeybee spans (Codex
 * Alimentarius allows 20), 27 between the 23 and 35 of stingless bees. Takes the bee.
 */
export const takenWaterPercent = (bee: 'honeybee' | 'stingless'): number =>
  bee === 'stingless' ? 27 : 18;

/** Water of honey that a forecast can be made for, percent: beyond it the formulas have no value. */
const [DRIEST_PERCENT, WETTEST_PERCENT] = [13, 25];
/** Water to reckon with, percent: what was measured or taken, as far as a forecast reaches. */
export const forecastWaterPercent = (percent: number): number =>
  between(DRIEST_PERCENT, WETTEST_PERCENT, percent);
