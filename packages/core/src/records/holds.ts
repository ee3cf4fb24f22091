import { z } from 'zod';
import { atMostLetters } from '../say/limits.js';
import { sayRecord, type Say } from '../say/say.js';
import { holdSay } from './vocabulary/holdSays.js';
import { refuses } from '../say/field.js';
import { row, id, text, day, revision, grams } from './vocabulary/fields.js';

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

export const liftHoldSchema = z.strictObject({
  word: z.string().trim().min(5, refuses('field.who-said-what')).max(300, atMostLetters(300)),
});

const holdFields = {
  ...row,
  id,
  batchId: id,
  cause: z.enum(HOLD_CAUSES),
  sentence: sayRecord,
  on: day,
  liftedOn: day.nullable(),
  /** The word that lifted it: a person's own, or what answered it. */
  liftedWord: sayRecord.nullable(),
  revision,
};

export const holdRecord = z.strictObject(holdFields).meta({ id: 'Hold' });
/**
 * A hold on all that came of one harvest, through every blend; lifted by a written word with its
 * date.
 */
export type Hold = z.infer<typeof holdRecord>;

export const holdViewRecord = z.strictObject({
  ...holdFields,
  hiveName: text,
  harvestedOn: day,
  lots: z.array(
    z.strictObject({
      ...row,
      id,
      batchId: id,
      kind: text,
      name: sayRecord,
      code: text.nullable(),
      nowG: grams,
    }),
  ),
});
/** A hold with the lots it reaches now. */
export type HoldView = z.infer<typeof holdViewRecord>;
