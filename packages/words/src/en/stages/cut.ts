import { cut } from '../cut.js';
import { drain } from '../drain.js';
import { freezing } from '../freezing.js';
import { jar } from '../jar.js';
import { take } from '../take.js';
import { cut as cutScreens } from '../screens/cut.js';
import { jar as jarScreens } from '../screens/jar.js';
import { shared } from './shared.js';

/** What Cut says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...cut,
  ...drain,
  ...freezing,
  ...jar,
  ...take,
  ...cutScreens,
  ...jarScreens,
};
