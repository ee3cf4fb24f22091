export interface LotKeeping {
  /** Null where the water was not measured. */
  grade: KeepingGrade | null;
  /**
   * Months after the harvest for a best-before date; null where it is to be used by a day instead.
   */
  bestBeforeMonths: number | null;
  /** Days after the harvest for a use-by date; null where best-before stands. */
  useByDays: number | null;
  /** Words the label carries beside the date. */
  words: string;
  /** Why it is not for sale; null where water does not speak against it. */
  notForSale: string | null;
  /** What was measured and which rule was used. */
  sentence: string;
}

export const KEEPING_GRADES = ['keeps', 'watch', 'use-soon', 'ferments', 'keep-cold'] as const;
export type KeepingGrade = (typeof KEEPING_GRADES)[number];
