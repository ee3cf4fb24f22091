import { z } from 'zod';
import { atMostLetters } from '../say/limits.js';
import { refuses } from '../say/field.js';
import { row, id, text, day, revision, grams } from './vocabulary/fields.js';

/** Why what came of a harvest is held back. */
export const HOLD_CAUSES = ['sick', 'dead', 'treated', 'syrup'] as const;
export type HoldCause = (typeof HOLD_CAUSES)[number];

/** What happens if it is left, what a hold bars, what to do, and whom to ask: one row a cause. */
export const HOLD_WORDS: Record<
  HoldCause,
  { name: string; left: string; bars: string; ask: string }
> = {
  sick: {
    name: 'Disease in the colony',
    left: 'Honey, wax and gear carry disease to other colonies.',
    bars: 'Nothing of it is eaten, given, sold, rendered for others or fed.',
    ask: 'Keep it closed and apart from bees. Ask the bee inspector what may be done with it; some brood diseases must be reported.',
  },
  dead: {
    name: 'Dead colony, cause not answered',
    left: 'It is eaten before anybody knows what they died of.',
    bars: 'It is kept apart: not eaten, given, sold or fed until it is answered.',
    ask: 'Answer the checklist of the dead colony, or ask an inspector or a laboratory.',
  },
  treated: {
    name: 'Comb that hung there during a treatment',
    left: 'What was given to the bees is eaten with it.',
    bars: 'Not for eating, gift or sale.',
    ask: 'Read the leaflet; ask a vet or the food authority.',
  },
  syrup: {
    name: 'May hold syrup',
    left: 'Syrup leaves the house as honey.',
    bars: 'Not offered as honey, for sale or as a gift.',
    ask: 'Use it at home, or ask a laboratory whether it is honey.',
  },
};
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
  sentence: text,
  on: day,
  liftedOn: day.nullable(),
  liftedWord: text.nullable(),
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
      name: text,
      code: text.nullable(),
      nowG: grams,
    }),
  ),
});
/** A hold with the lots it reaches now. */
export type HoldView = z.infer<typeof holdViewRecord>;
