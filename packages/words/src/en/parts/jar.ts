import { jar as jarScreens } from '../screens/jar.js';

/** What Jar says, beyond what the first screen says. */
export const words = { ...jarScreens };
