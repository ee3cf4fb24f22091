/** Logarithms between which the curve is kept: before them nothing has run, after them all. */
const FROM = -18;
const UNTIL = 4;
const STEPS_A_UNIT = 256;
const CURVE = Float64Array.from(
  { length: (UNTIL - FROM) * STEPS_A_UNIT + 2 },
  (_, i) => -Math.expm1(-Math.exp(FROM + i / STEPS_A_UNIT)),
);

/**
 * Share of a bed that has been let out, 1 − e^(−e^u), by `lnAge`: the natural logarithm of its age
 * in its own taus (times the power where there is one). From a table read between its lines, within
 * a millionth of the bed: a forecast asks a million of them, and each would be an exponential.
 */
export function shareLetOut(lnAge: number): number {
  // Not a number counts as not begun: the logarithm of no time, or of less.
  if (!(lnAge > FROM)) return 0;
  if (lnAge >= UNTIL) return 1;
  const place = (lnAge - FROM) * STEPS_A_UNIT;
  const line = Math.floor(place);
  return CURVE[line] + (place - line) * (CURVE[line + 1] - CURVE[line]);
}
