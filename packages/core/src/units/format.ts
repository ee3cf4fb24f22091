/**
 * A range of a measured or estimated quantity: low edge, best guess, high edge, all in the unit the
 * name says.
 */
export interface Range {
  low: number;
  mid: number;
  high: number;
}

/**
 * A count with its word: "1 day", "3 days", "1 box", "2 boxes". Takes the word's plural where it is
 * not the word with an s.
 */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`;

/** Hours as "7 h 12 min", "48 min" or "1 d 4 h". */
export function hoursText(hours: number): string {
  const minutes = Math.max(0, Math.round(hours * 60));
  const d = Math.floor(minutes / 1440);
  const h = Math.floor((minutes % 1440) / 60);
  const min = minutes % 60;
  if (d > 0) return h > 0 ? `${d} d ${h} h` : `${d} d`;
  if (h > 0) return min > 0 ? `${h} h ${min} min` : `${h} h`;
  return `${min} min`;
}
