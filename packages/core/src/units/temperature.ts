/** Degrees Fahrenheit to Celsius. */
export function fahrenheitToC(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}
/** Degrees Celsius to Fahrenheit. */
export function celsiusToF(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}
