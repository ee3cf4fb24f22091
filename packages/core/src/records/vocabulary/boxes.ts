import { z } from 'zod';
import { sayRecord } from '../../say/sayRecord.js';
import { day, number } from './fields.js';

export const boxEventRecord = z.strictObject({
  on: day,
  sentence: sayRecord,
  /** What was weighed at it, grams; only of a harvest. */
  g: number.optional(),
});
/** Something that happened with a box of one hive. */
export type BoxEvent = z.infer<typeof boxEventRecord>;
