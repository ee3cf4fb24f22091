import type { Say } from '../../say/say.js';
import { holdSay } from './holdSays.js';

/** Why what came of a harvest is held back. */
export const HOLD_CAUSES = ['sick', 'dead', 'treated', 'syrup'] as const;

export type HoldCause = (typeof HOLD_CAUSES)[number];

/** What happens if it is left, what a hold bars, what to do, and whom to ask: one row a cause. */
export const HOLD_WORDS: Record<HoldCause, { name: Say; left: Say; bars: Say; ask: Say }> = {
  sick: wordsOf('sick'),
  dead: wordsOf('dead'),
  treated: wordsOf('treated'),
  syrup: wordsOf('syrup'),
};

function wordsOf(cause: HoldCause): { name: Say; left: Say; bars: Say; ask: Say } {
  return {
    name: holdSay(`hold.${cause}.name`),
    left: holdSay(`hold.${cause}.left`),
    bars: holdSay(`hold.${cause}.bars`),
    ask: holdSay(`hold.${cause}.ask`),
  };
}

/** Fates that a hold leaves open. */
export const FATES_UNDER_HOLD: Record<HoldCause, readonly string[]> = {
  sick: ['spoilt'],
  dead: ['spoilt'],
  treated: ['spoilt'],
  syrup: ['spoilt', 'eaten', 'mead'],
};
