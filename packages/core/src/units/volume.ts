/**
 * Litres in one unit of volume. US and imperial pints and gallons differ by a fifth and are always
 * named apart.
 */
export const LITRES_PER = {
  l: 1,
  ml: 0.001,
  'US pint': 0.473176473,
  'imperial pint': 0.56826125,
  'US gallon': 3.785411784,
  'imperial gallon': 4.54609,
} as const;
export type VolumeUnit = keyof typeof LITRES_PER;

/** Volume in `unit` to litres. */
export function toLitres(amount: number, unit: VolumeUnit): number {
  return amount * LITRES_PER[unit];
}

/** Litres to `unit`. */
export function fromLitres(litres: number, unit: VolumeUnit): number {
  return litres / LITRES_PER[unit];
}
