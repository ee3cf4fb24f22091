import { hold } from './hold.js';
import { due } from './due.js';
import { firstScreens } from './firstScreens.js';
import { hiveName } from './hiveName.js';
import { lot } from './lot.js';
import { plain } from './plain.js';
import { today } from './today.js';
import { way } from './way.js';

/** What the first screen says: Today, its shell, and what every screen shares. */
export const first = {
  ...plain,
  ...lot,
  ...hold,
  ...due,
  ...hiveName,
  ...today,
  ...way,
  ...firstScreens,
};
