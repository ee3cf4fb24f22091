/** A figure held between its least and its most. */
export const between = (least: number, most: number, figure: number): number =>
  Math.min(most, Math.max(least, figure));
