import { firstScreens } from './firstScreens.js';
import { plain } from './plain.js';
import { today } from './today.js';

/** What the first screen says: Today, its shell, and what every screen shares. */
export const first = { ...plain, ...today, ...firstScreens };
