import type { WorkingWater } from '@furrow/core';

/** Where the water stands from that honey is worked with, said at its field. */
export const WATER_BASIS_WORDS: Record<WorkingWater['basis'], string> = {
  measured: 'As measured, the wettest drop.',
  said: 'As said in Ready.',
  taken: 'Assumed: nobody measured it yet.',
};
