import { take } from '../take.js';
import { takeStep } from '../takeStep.js';
import { take as takeScreens } from '../screens/take.js';

/** What Take says, beyond what the first screen says. */
export const words = { ...take, ...takeStep, ...takeScreens };
