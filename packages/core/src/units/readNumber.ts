/**
 * Reads a number as a person types it: decimal comma or point, blanks around, a leading plus. Gives
 * null where the text is no plain number ("1.234,5" is refused rather than guessed at, because a
 * thousands mark read as a decimal mark is a thousandfold error).
 */
export function readNumber(text: string): number | null {
  const trimmed = text.trim().replace(/\u2212/g, '-');
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(trimmed)) return null;
  const value = Number(trimmed.replace(',', '.'));
  return Number.isFinite(value) ? value : null;
}
