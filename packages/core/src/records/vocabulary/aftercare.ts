import type { Say } from '../../say/say.js';
import { listSay } from './listSays.js';

/** Wax, rinse and wet gear: what comes after the honey. */
export const WAX_CARES = ['frozen', 'taken-out', 'rinsed'] as const;

export type WaxCareKind = (typeof WAX_CARES)[number];

export const WAX_CARE_WORDS: Record<WaxCareKind, Say> = {
  frozen: listSay('list.wax.frozen'),
  'taken-out': listSay('list.wax.taken-out'),
  rinsed: listSay('list.wax.rinsed'),
};

export const RINSE_FATES = ['fed', 'mead', 'poured-away'] as const;

export type RinseFate = (typeof RINSE_FATES)[number];

export const RINSE_FATE_WORDS: Record<RinseFate, Say> = {
  fed: listSay('list.rinse.fed'),
  mead: listSay('list.rinse.mead'),
  'poured-away': listSay('list.rinse.poured-away'),
};

export const GEAR_WAYS = ['wash', 'same-hive', 'open'] as const;
