import { ready } from '../ready.js';
import { bring } from '../bring.js';
import { ready as readyScreens } from '../screens/ready.js';

/** What Ready says, beyond what the first screen says. */
export const words = { ...ready, ...bring, ...readyScreens };
