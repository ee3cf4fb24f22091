export const MM_PER_INCH = 25.4;
/** Inches to millimetres, exact. */
export function inchToMm(inches: number): number {
  return inches * MM_PER_INCH;
}
/** Millimetres to inches. */
export function mmToInch(mm: number): number {
  return mm / MM_PER_INCH;
}
