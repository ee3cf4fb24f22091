import type { Catalogue } from '../catalogue.js';
import { first } from './first.js';
import { paper } from './paper.js';
import { rest } from './rest.js';

/** English, as it is spoken where nothing else was asked for. */
export const en: Catalogue = { ...first, ...rest, ...paper };
