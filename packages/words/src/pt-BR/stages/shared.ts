import { calc } from '../calc.js';
import { comb } from '../comb.js';
import { field } from '../field.js';
import { hive } from '../hive.js';
import { honey } from '../honey.js';
import { list } from '../list.js';
import { look } from '../look.js';
import { house } from '../screens/house.js';

/** What every screen beyond the first may say. */
export const shared = {
  ...calc,
  ...comb,
  ...field,
  ...hive,
  ...honey,
  ...list,
  ...look,
  ...house,
};
