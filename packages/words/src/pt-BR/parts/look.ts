import { forecast } from '../forecast.js';
import { look as lookScreens } from '../screens/look.js';
import { lookComb as lookCombScreens } from '../screens/lookComb.js';

/** What Look says, beyond what the first screen says. */
export const words = { ...forecast, ...lookScreens, ...lookCombScreens };
