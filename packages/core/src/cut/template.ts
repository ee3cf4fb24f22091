import type { Cut, Rect } from '../records/vocabulary/flaws.js';

export interface TemplateInput {
  name: string;
  widthMm: number;
  heightMm: number;
  pieces: readonly (Rect & { label: string })[];
  cuts: readonly Cut[];
  flaws: readonly Rect[];
}

/** A ruler to check a print with: so long, a tick each step, a long one each few, and its words. */
export interface TemplateRuler {
  lengthMm: number;
  stepMm: number;
  longEach: number;
  words: string;
}

const INCH_MM = 25.4;
/**
 * The ruler of a print: ten centimetres, or four inches by halves, or as many as there is room for.
 * Takes the room, and whether the household measures in inches.
 */
export function rulerOf(mostMm: number, inInches: boolean): Omit<TemplateRuler, 'words'> {
  if (!inInches)
    return { lengthMm: Math.min(100, Math.floor(mostMm / 10) * 10), stepMm: 10, longEach: 5 };
  const inches = Math.min(4, Math.floor(mostMm / INCH_MM));
  return { lengthMm: inches * INCH_MM, stepMm: INCH_MM / 2, longEach: 2 };
}

/** Room round the comb for the ruler and the name, mm. */
export const TEMPLATE_MARGIN_MM = 12;
const xml = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const n = (v: number): string => String(Number(v.toFixed(2)));

/**
 * Where the number of a cut stands: on its line, each at another share of it, so that cuts a few
 * millimetres apart keep theirs legible.
 */
export function cutNumberAt(cut: Cut, index: number): { xMm: number; yMm: number } {
  const share = 0.15 + 0.7 * ((index * 0.382) % 1);
  return {
    xMm: cut.x1Mm + (cut.x2Mm - cut.x1Mm) * share,
    yMm: cut.y1Mm + (cut.y2Mm - cut.y1Mm) * share,
  };
}

/**
 * The cutting template as SVG at true size (1 unit = 1 mm): the comb's rectangle, flaws hatched,
 * pieces with their names, the knife's cuts numbered in order at their beginning, and a ruler to
 * check a print with.
 */
export function templateSvg(input: TemplateInput, ruler: TemplateRuler): string {
  const m = TEMPLATE_MARGIN_MM;
  const [w, h] = [input.widthMm + 2 * m, input.heightMm + 3 * m];
  const ticks = Array.from(
    { length: Math.round(ruler.lengthMm / ruler.stepMm) + 1 },
    (_, i) => `<path d="M${n(i * ruler.stepMm)} 0v${i % ruler.longEach ? 3 : 5}"/>`,
  ).join('');
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(w)}mm" height="${n(h)}mm" viewBox="${-m} ${-m} ${n(w)} ${n(h)}" font-family="sans-serif">`,
    `<title>${xml(input.name)}</title><defs><pattern id="flaw" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path d="M0 0v3" stroke="#000" stroke-width=".4"/></pattern></defs>`,
    `<text x="0" y="-4" font-size="5">${xml(input.name)}</text>`,
    `<rect width="${n(input.widthMm)}" height="${n(input.heightMm)}" fill="none" stroke="#000" stroke-width=".5"/>`,
    ...input.flaws.map(
      (f) =>
        `<rect x="${n(f.xMm)}" y="${n(f.yMm)}" width="${n(f.widthMm)}" height="${n(f.heightMm)}" fill="url(#flaw)"/>`,
    ),
    ...input.pieces.map(
      (p) =>
        `<g><rect x="${n(p.xMm)}" y="${n(p.yMm)}" width="${n(p.widthMm)}" height="${n(p.heightMm)}" fill="none" stroke="#000" stroke-width=".3" stroke-dasharray="2 1"/><text x="${n(p.xMm + p.widthMm / 2)}" y="${n(p.yMm + p.heightMm / 2)}" font-size="4" text-anchor="middle">${xml(p.label)}</text></g>`,
    ),
    ...input.cuts.map(
      (c) =>
        `<path d="M${n(c.x1Mm)} ${n(c.y1Mm)}L${n(c.x2Mm)} ${n(c.y2Mm)}" stroke="#000" stroke-width=".5"/>`,
    ),
    ...input.cuts.map((c, i) => {
      const at = cutNumberAt(c, i);
      return `<g><circle cx="${n(at.xMm)}" cy="${n(at.yMm)}" r="2.9" fill="#fff" stroke="#000" stroke-width=".4"/><text x="${n(at.xMm)}" y="${n(at.yMm + 1.2)}" font-size="3.4" font-weight="bold" text-anchor="middle">${i + 1}</text></g>`;
    }),
    `<g transform="translate(0 ${n(input.heightMm + 8)})" stroke="#000" stroke-width=".4"><path d="M0 0h${n(ruler.lengthMm)}"/>${ticks}</g><text x="0" y="${n(input.heightMm + 18)}" font-size="4">${xml(ruler.words)}</text>`,
    '</svg>',
  ].join('\n');
}

/**
 * Where a template is cut into sheets: each with its place on the whole, overlapping so that they
 * can be glued. All mm.
 */
export function templateSheets(
  widthMm: number,
  heightMm: number,
  sheet: { widthMm: number; heightMm: number; marginMm: number; overlapMm: number },
): { column: number; row: number; xMm: number; yMm: number; widthMm: number; heightMm: number }[] {
  const along = (length: number, room: number): { from: number; size: number }[] => {
    const step = room - sheet.overlapMm;
    const count = length <= room ? 1 : Math.ceil((length - sheet.overlapMm) / step);
    return Array.from({ length: count }, (_, i) => ({
      from: i * step,
      size: Math.min(room, length - i * step),
    }));
  };
  const columns = along(widthMm, sheet.widthMm - 2 * sheet.marginMm);
  return along(heightMm, sheet.heightMm - 2 * sheet.marginMm).flatMap((r, row) =>
    columns.map((c, column) => ({
      column,
      row,
      xMm: c.from,
      yMm: r.from,
      widthMm: c.size,
      heightMm: r.size,
    })),
  );
}
