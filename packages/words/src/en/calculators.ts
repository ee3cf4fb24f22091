import { calc } from './calc.js';
import { comb } from './comb.js';
import { field } from './field.js';
import { forecast } from './forecast.js';
import { honey } from './honey.js';
import { look } from './look.js';

/** What calculators answer and refuse in sentences: all that a command line has to learn. */
export const calculators = { ...calc, ...comb, ...field, ...forecast, ...honey, ...look };
