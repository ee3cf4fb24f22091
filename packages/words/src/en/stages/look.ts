import { forecast } from '../forecast.js';
import { look as lookScreens } from '../screens/look.js';
import { lookComb as lookCombScreens } from '../screens/lookComb.js';
import { shared } from './shared.js';

/** What Look says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...forecast,
  ...lookScreens,
  ...lookCombScreens,
};
