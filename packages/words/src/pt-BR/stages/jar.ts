import { book } from '../book.js';
import { drain } from '../drain.js';
import { jar } from '../jar.js';
import { take } from '../take.js';
import { jar as jarScreens } from '../screens/jar.js';
import { kit as kitScreens } from '../screens/kit.js';
import { lookComb as lookCombScreens } from '../screens/lookComb.js';
import { shared } from './shared.js';

/** What Jar says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...book,
  ...drain,
  ...jar,
  ...take,
  ...jarScreens,
  ...kitScreens,
  ...lookCombScreens,
};
