import type { Say } from '../../say/say.js';
import { listSay } from './listSays.js';

export const FATES = ['sold', 'given', 'eaten', 'mead', 'cosmetics', 'spoilt'] as const;

export type Fate = (typeof FATES)[number];

export const FATE_WORDS: Record<Fate, Say> = {
  sold: listSay('list.fate.sold'),
  given: listSay('list.fate.given'),
  eaten: listSay('list.fate.eaten'),
  mead: listSay('list.fate.mead'),
  cosmetics: listSay('list.fate.cosmetics'),
  spoilt: listSay('list.fate.spoilt'),
};

/** What becomes of honey that was not filled when a harvest ends. */
export const RESTS = ['eaten', 'given', 'mead', 'spoilt'] as const satisfies readonly Fate[];

export type Rest = (typeof RESTS)[number];
