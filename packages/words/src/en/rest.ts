import { entry } from './entry.js';
import { refusal } from './refusal.js';
import { choose } from './choose.js';
import { bring } from './bring.js';
import { cut } from './cut.js';
import { drain } from './drain.js';
import { field } from './field.js';
import { hive } from './hive.js';
import { ready } from './ready.js';
import { restScreens } from './restScreens.js';
import { rules } from './rules.js';
import { take } from './take.js';
import { takeStep } from './takeStep.js';

/** What is said beyond the first screen: it comes when another one is opened. */
export const rest = {
  ...choose,
  ...cut,
  ...drain,
  ...entry,
  ...field,
  ...hive,
  ...ready,
  ...bring,
  ...refusal,
  ...rules,
  ...take,
  ...takeStep,
  ...restScreens,
};
