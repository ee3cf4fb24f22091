import { choose } from '../choose.js';
import { choose as chooseScreens } from '../screens/choose.js';
import { kit as kitScreens } from '../screens/kit.js';
import { shared } from './shared.js';

/** What Choose says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...choose,
  ...chooseScreens,
  ...kitScreens,
};
