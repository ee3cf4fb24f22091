import { calc } from './calc.js';
import { forecast } from './forecast.js';
import { freezing } from './freezing.js';
import { list } from './list.js';
import { comb } from './comb.js';
import { book } from './book.js';
import { jar } from './jar.js';
import { entry } from './entry.js';
import { refusal } from './refusal.js';
import { choose } from './choose.js';
import { bring } from './bring.js';
import { cut } from './cut.js';
import { drain } from './drain.js';
import { field } from './field.js';
import { hive } from './hive.js';
import { honey } from './honey.js';
import { look } from './look.js';
import { ready } from './ready.js';
import { restScreens } from './restScreens.js';
import { rules } from './rules.js';
import { take } from './take.js';
import { takeStep } from './takeStep.js';

/** What is said beyond the first screen: it comes when another one is opened. */
export const rest = {
  ...calc,
  ...forecast,
  ...freezing,
  ...list,
  ...comb,
  ...book,
  ...jar,
  ...choose,
  ...cut,
  ...drain,
  ...entry,
  ...field,
  ...hive,
  ...honey,
  ...look,
  ...ready,
  ...bring,
  ...refusal,
  ...rules,
  ...take,
  ...takeStep,
  ...restScreens,
};
