import { choose } from '../choose.js';
import { choose as chooseScreens } from '../screens/choose.js';

/** What Choose says, beyond what the first screen says. */
export const words = { ...choose, ...chooseScreens };
