import { ready } from '../ready.js';
import { bring } from '../bring.js';
import { ready as readyScreens } from '../screens/ready.js';
import { lookComb as lookCombScreens } from '../screens/lookComb.js';
import { shared } from './shared.js';

/** What Ready says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...ready,
  ...bring,
  ...readyScreens,
  ...lookCombScreens,
};
