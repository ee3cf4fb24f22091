import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import {
  cutNumberAt,
  cutSay,
  rulerOf,
  templateSheets,
  type Paper,
  type TemplateInput,
  type TemplateRuler,
} from '@furrow/core';
import { houseSay, speak, type Reader } from '../words.js';
import {
  PDFDocument,
  PDFPage,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  clip,
  endPath,
} from 'pdf-lib';

const require = createRequire(import.meta.url);
const PT = 72 / 25.4;
const EDGES = { marginMm: 10, overlapMm: 10 };
const INK = rgb(0, 0, 0);

/** The ruler of a print in the household's units. Takes the room it has, and who reads it. */
export function spokenRuler(mostMm: number, reader: Reader): TemplateRuler {
  const ruler = rulerOf(mostMm, reader.units.length === 'inches');
  const said = cutSay('cut.template.ruler', { length: { lengthMm: ruler.lengthMm } });
  return { ...ruler, words: speak(said, reader) };
}

/**
 * The cutting template as PDF at true size, over as many sheets of the household's paper as it
 * needs, overlapping by 10 mm to be glued; every sheet has its place, the name and a ruler of its
 * own, so that a print that was scaled is seen at once.
 */
export async function templatePdf(
  template: TemplateInput,
  paper: Paper,
  reader: Reader,
): Promise<Uint8Array> {
  const upright = { ...paper, ...EDGES };
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const font = await pdf.embedFont(
    await readFile(require.resolve('dejavu-fonts-ttf/ttf/DejaVuSans.ttf')),
    { subset: true },
  );
  // A comb wider than high lies along the sheet.
  const sheet =
    template.widthMm > template.heightMm
      ? { ...upright, widthMm: upright.heightMm, heightMm: upright.widthMm }
      : upright;
  const room = { ...sheet, heightMm: sheet.heightMm - 18 };
  const sheets = templateSheets(template.widthMm, template.heightMm, room);
  for (const part of sheets) {
    const page: PDFPage = pdf.addPage([sheet.widthMm * PT, sheet.heightMm * PT]);
    const x = (mm: number): number => (sheet.marginMm + mm - part.xMm) * PT;
    const y = (mm: number): number => (sheet.heightMm - sheet.marginMm - 8 - (mm - part.yMm)) * PT;
    const at = (mm: number, mmY: number): { x: number; y: number } => ({ x: x(mm), y: y(mmY) });
    const head = houseSay('paper.template-sheet', {
      name: template.name,
      column: part.column + 1,
      columns: Math.max(...sheets.map((s) => s.column)) + 1,
      row: part.row + 1,
      rows: Math.max(...sheets.map((s) => s.row)) + 1,
    });
    page.drawText(speak(head, reader), {
      x: sheet.marginMm * PT,
      y: (sheet.heightMm - sheet.marginMm - 4) * PT,
      size: 9,
      font,
      color: INK,
    });
    page.pushOperators(
      pushGraphicsState(),
      rectangle(x(part.xMm), y(part.yMm + part.heightMm), part.widthMm * PT, part.heightMm * PT),
      clip(),
      endPath(),
    );
    page.drawRectangle({
      ...at(0, template.heightMm),
      width: template.widthMm * PT,
      height: template.heightMm * PT,
      borderColor: INK,
      borderWidth: 1.2,
    });
    for (const f of template.flaws)
      page.drawRectangle({
        ...at(f.xMm, f.yMm + f.heightMm),
        width: f.widthMm * PT,
        height: f.heightMm * PT,
        color: rgb(0.82, 0.82, 0.82),
      });
    for (const p of template.pieces) {
      page.drawRectangle({
        ...at(p.xMm, p.yMm + p.heightMm),
        width: p.widthMm * PT,
        height: p.heightMm * PT,
        borderColor: INK,
        borderWidth: 0.6,
        borderDashArray: [5, 3],
      });
      page.drawText(p.label, {
        ...at(p.xMm + 3, p.yMm + p.heightMm / 2),
        size: 9,
        font,
        color: INK,
      });
    }
    const numbers: { x: number; y: number; text: string }[] = [];
    template.cuts.forEach((c, i) => {
      page.drawLine({
        start: at(c.x1Mm, c.y1Mm),
        end: at(c.x2Mm, c.y2Mm),
        thickness: 1.4,
        color: INK,
      });
      const number = cutNumberAt(c, i);
      numbers.push({ ...at(number.xMm, number.yMm), text: String(i + 1) });
    });
    for (const n of numbers) {
      page.drawCircle({
        x: n.x,
        y: n.y,
        size: 8,
        color: rgb(1, 1, 1),
        borderColor: INK,
        borderWidth: 0.8,
      });
      page.drawText(n.text, {
        x: n.x - font.widthOfTextAtSize(n.text, 9) / 2,
        y: n.y - 3.2,
        size: 9,
        font,
        color: INK,
      });
    }
    page.pushOperators(popGraphicsState());
    const { lengthMm, stepMm, longEach, words } = spokenRuler(
      sheet.widthMm - 2 * sheet.marginMm,
      reader,
    );
    const base = (sheet.marginMm - 2) * PT;
    page.drawLine({
      start: { x: sheet.marginMm * PT, y: base },
      end: { x: (sheet.marginMm + lengthMm) * PT, y: base },
      thickness: 1,
      color: INK,
    });
    for (let i = 0; i * stepMm <= lengthMm + 0.01; i++) {
      const x = (sheet.marginMm + i * stepMm) * PT;
      page.drawLine({
        start: { x, y: base },
        end: { x, y: base + (i % longEach ? 2 : 4) * PT },
        thickness: 0.8,
        color: INK,
      });
    }
    page.drawText(words, {
      x: (sheet.marginMm + lengthMm + 3) * PT,
      y: base,
      size: 8,
      font,
      color: INK,
    });
  }
  pdf.setTitle(template.name);
  return pdf.save();
}
