import { common } from './screens/common.js';
import { shell } from './screens/shell.js';
import { today } from './screens/today.js';
import { parts } from './screens/parts.js';
import { drawing } from './screens/drawing.js';
import { api } from './screens/api.js';

/** What the first screen says of itself, and what every screen shares. */
export const firstScreens = { ...common, ...shell, ...today, ...parts, ...drawing, ...api };
