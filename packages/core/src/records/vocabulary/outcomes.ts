import type { Say } from '../../say/say.js';
import { listSay } from './listSays.js';
/** What became of one comb, frame or group of pots. */
export const TAKE_OUTCOMES = [
  'taken',
  'broke',
  'fell',
  'put-back',
  'brood-seen',
  'queen-seen',
  'left',
] as const;
export type TakeOutcome = (typeof TAKE_OUTCOMES)[number];

export const OUTCOME_WORDS: Record<TakeOutcome, Say> = {
  taken: listSay('list.outcome.taken'),
  broke: listSay('list.outcome.broke'),
  fell: listSay('list.outcome.fell'),
  'put-back': listSay('list.outcome.put-back'),
  'brood-seen': listSay('list.outcome.brood-seen'),
  'queen-seen': listSay('list.outcome.queen-seen'),
  left: listSay('list.outcome.left'),
};

/** Whether something left the hive and has to be weighed. */
export const weighsOut = (outcome: TakeOutcome): boolean =>
  outcome === 'taken' || outcome === 'broke' || outcome === 'fell';

export const COMB_CONDITIONS = ['whole', 'cracked', 'torn', 'leaking'] as const;
export type CombCondition = (typeof COMB_CONDITIONS)[number];

export const WENT_TO = ['tub', 'cut-comb', 'crush', 'bees', 'melt'] as const;
export type WentTo = (typeof WENT_TO)[number];

export const WENT_TO_WORDS: Record<WentTo, Say> = {
  tub: listSay('list.went.tub'),
  'cut-comb': listSay('list.went.cut-comb'),
  crush: listSay('list.went.crush'),
  bees: listSay('list.went.bees'),
  melt: listSay('list.went.melt'),
};

/** Everything that may go otherwise at the hive. */
export const INCIDENT_KINDS = [
  'bar-broke',
  'comb-fell',
  'brood',
  'queen',
  'sting',
  'attack',
  'robbing',
  'heat',
  'scale-flat',
  'phone',
  'leak',
  'overflow',
  'other',
] as const;
export type IncidentKind = (typeof INCIDENT_KINDS)[number];

/** What can be written down of a drain frame. */
export const FRAME_EVENT_KINDS = [
  'open',
  'level',
  'swap',
  'leak',
  'no-leak',
  'leak-handled',
  'drops',
  'wiped',
  'reset',
  'plug',
  'emptied',
  'lost',
] as const;
export type FrameEventKind = (typeof FRAME_EVENT_KINDS)[number];

/** How a comb's weight was got. */
export const NET_BY = ['scale', 'depth', 'estimate'] as const;
export type NetBy = (typeof NET_BY)[number];
