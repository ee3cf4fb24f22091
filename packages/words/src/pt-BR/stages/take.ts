import { take } from '../take.js';
import { takeStep } from '../takeStep.js';
import { drain } from '../drain.js';
import { jar } from '../jar.js';
import { take as takeScreens } from '../screens/take.js';
import { shared } from './shared.js';

/** What Take says, beyond what was learned for the first screen. */
export const words = {
  ...shared,
  ...take,
  ...takeStep,
  ...drain,
  ...jar,
  ...takeScreens,
};
