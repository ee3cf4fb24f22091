import { tell } from '../words/tell.js';
import type { WorkingWater } from '@furrow/core';

/** Where the water stands from that honey is worked with, said at its field. */
export const WATER_BASIS_WORDS: Record<WorkingWater['basis'], string> = {
  measured: tell('waterBasis.as-measured-wettest-drop'),
  said: tell('waterBasis.as-said-in-ready'),
  taken: tell('waterBasis.assumed-nobody-measured-it-yet'),
};
