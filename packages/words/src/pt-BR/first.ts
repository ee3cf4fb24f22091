import { plain } from './plain.js';
import { common } from './screens/common.js';
import { shell } from './screens/shell.js';
import { today } from './screens/today.js';
import { parts } from './screens/parts.js';
import { drawing } from './screens/drawing.js';
import { api } from './screens/api.js';
import { today as days } from './today.js';

/** What the first screen says: Today, its shell, and what every screen shares. */
export const first = {
  ...plain,
  ...days,
  ...common,
  ...shell,
  ...today,
  ...parts,
  ...drawing,
  ...api,
};
