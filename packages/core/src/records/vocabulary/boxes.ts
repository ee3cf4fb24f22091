/** Something that happened with a box of one hive. */
export interface BoxEvent {
  on: string;
  sentence: string;
  /** What was weighed at it, grams; only of a harvest. */
  g?: number;
}
