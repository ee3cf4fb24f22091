/** A text with its first letter large, as it begins a line. */
export const capitalised = (text: string): string =>
  text.charAt(0).toLocaleUpperCase() + text.slice(1);
