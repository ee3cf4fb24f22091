import type { Catalogue } from '../catalogue.js';
import { cut } from './cut.js';
import { plain } from './plain.js';
import { screens } from './screens/index.js';
import { rules } from './rules.js';
import { take } from './take.js';
import { today } from './today.js';

/** Portuguese as it is spoken in southern Brazil. */
export const ptBR: Catalogue = { ...plain, ...today, ...cut, ...rules, ...take, ...screens };
