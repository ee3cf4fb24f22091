import { z } from 'zod';
import { sayRecord } from '../../say/sayRecord.js';
import { number } from './fields.js';

export const KEEPING_GRADES = ['keeps', 'watch', 'use-soon', 'ferments', 'keep-cold'] as const;
export type KeepingGrade = (typeof KEEPING_GRADES)[number];

export const lotKeepingRecord = z.strictObject({
  /** Null where the water was not measured. */
  grade: z.enum(KEEPING_GRADES).nullable(),
  /**
   * Months after the harvest for a best-before date; null where it is to be used by a day instead.
   */
  bestBeforeMonths: number.nullable(),
  /** Days after the harvest for a use-by date; null where best-before stands. */
  useByDays: number.nullable(),
  /** Words the label carries beside the date; null where it carries none. */
  words: sayRecord.nullable(),
  /** Why it is not for sale; null where water does not speak against it. */
  notForSale: sayRecord.nullable(),
  /** What was measured and which rule was used. */
  sentence: sayRecord,
});
export type LotKeeping = z.infer<typeof lotKeepingRecord>;
