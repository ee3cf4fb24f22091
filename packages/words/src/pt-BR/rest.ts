import { cut } from './cut.js';
import { drain } from './drain.js';
import { ready } from './ready.js';
import { rules } from './rules.js';
import { take } from './take.js';
import { book as bookScreen } from './screens/book.js';
import { choose as chooseScreen } from './screens/choose.js';
import { cut as cutScreen } from './screens/cut.js';
import { drain as drainScreen } from './screens/drain.js';
import { house as houseScreen } from './screens/house.js';
import { jar as jarScreen } from './screens/jar.js';
import { kit as kitScreen } from './screens/kit.js';
import { look as lookScreen } from './screens/look.js';
import { ready as readyScreen } from './screens/ready.js';
import { rules as rulesScreen } from './screens/rules.js';
import { take as takeScreen } from './screens/take.js';

/** What is said beyond the first screen: it comes when another one is opened. */
export const rest = {
  ...cut,
  ...drain,
  ...ready,
  ...rules,
  ...take,
  ...bookScreen,
  ...chooseScreen,
  ...cutScreen,
  ...drainScreen,
  ...houseScreen,
  ...jarScreen,
  ...kitScreen,
  ...lookScreen,
  ...readyScreen,
  ...rulesScreen,
  ...takeScreen,
};
