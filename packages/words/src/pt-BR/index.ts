import type { Catalogue } from '../catalogue.js';
import { first } from './first.js';
import { paper } from './paper.js';
import { rest } from './rest.js';

/** Portuguese of Brazil. */
export const ptBR: Catalogue = { ...first, ...rest, ...paper };
