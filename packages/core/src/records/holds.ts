import { z } from 'zod';
import { atMostLetters } from '../say/limits.js';
import { sayRecord } from '../say/sayRecord.js';
import { refuses } from '../say/field.js';
import { row, id, text, day, revision, grams } from './vocabulary/fields.js';
import { HOLD_CAUSES } from './vocabulary/holdCauses.js';

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
