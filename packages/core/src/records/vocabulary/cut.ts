import type { Say } from '../../say/say.js';
import { listSay } from './listSays.js';

export const SPOILT_CAUSES = ['brood', 'pollen', 'unfinished', 'sagged'] as const;

export type SpoiltCause = (typeof SPOILT_CAUSES)[number];

export const SPOILT_WORDS: Record<SpoiltCause, Say> = {
  brood: listSay('list.spoilt.brood'),
  pollen: listSay('list.spoilt.pollen'),
  unfinished: listSay('list.spoilt.unfinished'),
  sagged: listSay('list.spoilt.sagged'),
};

export const PIECE_STATES = ['planned', 'cut', 'cracked'] as const;

export type PieceState = (typeof PIECE_STATES)[number];

export const KEEPING_KINDS = ['rack', 'freeze', 'thaw'] as const;

export type KeepingKind = (typeof KEEPING_KINDS)[number];
