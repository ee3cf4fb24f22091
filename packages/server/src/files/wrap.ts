import type { PDFFont } from 'pdf-lib';

/** Breaks a text into lines that fit: a font at its size, a width, both in points. */
export function wrap(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && font.widthOfTextAtSize(`${last} ${word}`, size) <= width)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
