import { book } from '../book.js';
import { entry } from '../entry.js';
import { refusal } from '../refusal.js';
import { rules } from '../rules.js';
import { book as bookScreens } from '../screens/book.js';
import { rules as rulesScreens } from '../screens/rules.js';

/** What Book and Rules say, what the house refuses and writes down, beyond what the first screen says. */
export const words = { ...book, ...entry, ...refusal, ...rules, ...bookScreens, ...rulesScreens };
