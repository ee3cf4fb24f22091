import type { Catalogue } from '../catalogue.js';
import { first } from './first.js';
import { rest } from './rest.js';

/** Portuguese of Brazil. */
export const ptBR: Catalogue = { ...first, ...rest };
