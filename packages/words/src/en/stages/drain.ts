import { drain } from '../drain.js';
import { take } from '../take.js';
import { jar } from '../jar.js';
import { bench as benchScreens } from '../screens/bench.js';
import { drain as drainScreens } from '../screens/drain.js';
import { lookComb as lookCombScreens } from '../screens/lookComb.js';
import { shared } from './shared.js';

/** What Drain says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...drain,
  ...take,
  ...jar,
  ...benchScreens,
  ...drainScreens,
  ...lookCombScreens,
};
