/**
 * Stands for "nothing" in a cell; text that reads so gets one more stroke, so that nothing is lost.
 */
export const NOTHING = '\\N';
const NOTHING_LIKE = /^\\+N$/;
/**
 * What a table program would run as a formula. One apostrophe before it makes it text, and is taken
 * off on the way back.
 */
const FORMULA_LIKE = /^'*[=+\-@\t\r]/;

/** A value as it stands in a CSV cell: whole and lossless, never a formula. */
export function toCell(value: unknown): string {
  if (value === null || value === undefined) return NOTHING;
  if (typeof value === 'number') return String(value);
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  if (NOTHING_LIKE.test(text)) return `\\${text}`;
  return FORMULA_LIKE.test(text) ? `'${text}` : text;
}

/** The text of a cell as it was before {@link toCell}; null for nothing. */
export function fromCell(cell: string): string | null {
  if (cell === NOTHING) return null;
  if (NOTHING_LIKE.test(cell)) return cell.slice(1);
  return cell.startsWith("'") && FORMULA_LIKE.test(cell.slice(1)) ? cell.slice(1) : cell;
}
