import { book } from './screens/book.js';
import { choose } from './screens/choose.js';
import { cut } from './screens/cut.js';
import { drain } from './screens/drain.js';
import { bench } from './screens/bench.js';
import { house } from './screens/house.js';
import { jar } from './screens/jar.js';
import { kit } from './screens/kit.js';
import { look } from './screens/look.js';
import { lookComb } from './screens/lookComb.js';
import { ready } from './screens/ready.js';
import { rules } from './screens/rules.js';
import { take } from './screens/take.js';
import { water } from './screens/water.js';

/** What the other screens say of themselves. */
export const restScreens = {
  ...book,
  ...choose,
  ...cut,
  ...drain,
  ...bench,
  ...house,
  ...jar,
  ...kit,
  ...look,
  ...lookComb,
  ...ready,
  ...rules,
  ...take,
  ...water,
};
