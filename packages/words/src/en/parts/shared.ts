import { calc } from '../calc.js';
import { comb } from '../comb.js';
import { field } from '../field.js';
import { hive } from '../hive.js';
import { honey } from '../honey.js';
import { list } from '../list.js';
import { look } from '../look.js';
import { jar } from '../jar.js';
import { house as houseScreens } from '../screens/house.js';
import { kit as kitScreens } from '../screens/kit.js';
import { water as waterScreens } from '../screens/water.js';

/** What every screen beyond the first may say, beyond what the first screen says. */
export const words = {
  ...calc,
  ...comb,
  ...field,
  ...hive,
  ...honey,
  ...list,
  ...look,
  ...jar,
  ...houseScreens,
  ...kitScreens,
  ...waterScreens,
};
