import { drain } from '../drain.js';
import { bench as benchScreens } from '../screens/bench.js';
import { drain as drainScreens } from '../screens/drain.js';

/** What Drain says, beyond what the first screen says. */
export const words = { ...drain, ...benchScreens, ...drainScreens };
