import { cut } from '../cut.js';
import { freezing } from '../freezing.js';
import { cut as cutScreens } from '../screens/cut.js';

/** What Cut says, beyond what the first screen says. */
export const words = { ...cut, ...freezing, ...cutScreens };
