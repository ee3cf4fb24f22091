import { toldWhenRead } from '../words/toldWhenRead.js';
import type { WorkingWater } from '@furrow/core';

/** Where the water stands from that honey is worked with, said at its field. */
export const WATER_BASIS_WORDS: Readonly<Record<WorkingWater['basis'], string>> = toldWhenRead({
  measured: 'waterBasis.as-measured-wettest-drop',
  said: 'waterBasis.as-said-in-ready',
  taken: 'waterBasis.assumed-nobody-measured-it-yet',
});
