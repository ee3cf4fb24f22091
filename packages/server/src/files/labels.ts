import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import {
  labelPlace,
  layLabel,
  type LabelDesign,
  type LabelSheet,
  type LabelText,
  type LaidLabel,
  entryOf,
} from '@furrow/core';
import { PDFDocument, rgb, type PDFEmbeddedPage, type PDFFont, type PDFPage } from 'pdf-lib';
import { breathe } from '../breathe.js';
import QRCode from 'qrcode';

const require = createRequire(import.meta.url);
export const POINTS_PER_MM = 72 / 25.4;
const INK = rgb(0.094, 0.129, 0.106);

export interface Fonts {
  regular: PDFFont;
  bold: PDFFont;
}
/** A PDF with the shipped fonts embedded, so that accents and fractions print everywhere. */
export async function pdfWithFonts(title: string): Promise<{ pdf: PDFDocument; fonts: Fonts }> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const font = async (name: string): Promise<PDFFont> =>
    pdf.embedFont(await readFile(require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`)), {
      subset: true,
    });
  pdf.setTitle(title);
  return {
    pdf,
    fonts: { regular: await font('DejaVuSans'), bold: await font('DejaVuSerif-Bold') },
  };
}

/** The dark squares of a code, as rows of runs: fewer shapes than squares. */
export function qrRuns(text: string): {
  size: number;
  runs: { x: number; y: number; length: number }[];
} {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const runs: { x: number; y: number; length: number }[] = [];
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++) {
      if (!modules.get(y, x)) continue;
      const from = x;
      while (x + 1 < modules.size && modules.get(y, x + 1)) x++;
      runs.push({ x: from, y, length: x - from + 1 });
    }
  return { size: modules.size, runs };
}

/**
 * A code of so many mm with its upper left corner there (points, y from the bottom), with the quiet
 * edge it needs.
 */
export function drawQr(page: PDFPage, text: string, x: number, top: number, sideMm: number): void {
  const { size, runs } = qrRuns(text);
  const module = (sideMm * POINTS_PER_MM) / (size + 4);
  for (const run of runs)
    page.drawRectangle({
      x: x + (run.x + 2) * module,
      y: top - (run.y + 3) * module,
      width: run.length * module + 0.02,
      height: module + 0.02,
      color: INK,
    });
}

/**
 * One label alone as a page of its own size, so that a sheet of a thousand alike holds it once and
 * draws it a thousand times.
 */
async function labelPage(laid: LaidLabel, sheet: LabelSheet, qrText: string): Promise<Uint8Array> {
  const { pdf, fonts } = await pdfWithFonts('');
  const page = pdf.addPage([
    sheet.labelWidthMm * POINTS_PER_MM,
    sheet.labelHeightMm * POINTS_PER_MM,
  ]);
  drawLaid(page, laid, fonts, qrText, 0, sheet.labelHeightMm * POINTS_PER_MM);
  return pdf.save();
}

/**
 * Pieces of comb have a weight each: up to so many different labels are held as pages, more are
 * drawn one by one.
 */
const PAGES_MOST = 8;
const LABELS_AT_ONCE = 40;

/**
 * A PDF of label sheets as designed; `startAt` leaves labels of a sheet begun before empty. Made in
 * pieces: the server goes on answering.
 */
export async function labelsPdf(
  labels: readonly LabelText[],
  design: LabelDesign,
  sheet: LabelSheet,
  qrText: string,
  startAt = 0,
): Promise<Uint8Array> {
  const { pdf, fonts } = await pdfWithFonts(labels[0]?.batch ?? '');
  const pages: PDFPage[] = [];
  const keys = labels.map((label) => JSON.stringify(label));
  const laidOf = new Map(labels.map((label, i) => [keys[i], layLabel(design, label, sheet)]));
  const held = new Map<string, PDFEmbeddedPage>();
  if (laidOf.size <= PAGES_MOST)
    for (const [key, laid] of laidOf)
      held.set(key, (await pdf.embedPdf(await labelPage(laid, sheet, qrText)))[0]);
  for (const [i, key] of keys.entries()) {
    const place = labelPlace(sheet, startAt + i);
    while (pages.length <= place.page)
      pages.push(
        pdf.addPage([sheet.paperWidthMm * POINTS_PER_MM, sheet.paperHeightMm * POINTS_PER_MM]),
      );
    const [x, top] = [place.xMm * POINTS_PER_MM, (sheet.paperHeightMm - place.yMm) * POINTS_PER_MM];
    const page = held.get(key);
    if (page) pages[place.page].drawPage(page, { x, y: top - sheet.labelHeightMm * POINTS_PER_MM });
    else drawLaid(pages[place.page], entryOf(laidOf, key), fonts, qrText, x, top);
    if (i % LABELS_AT_ONCE === LABELS_AT_ONCE - 1) await breathe();
  }
  return pdf.save();
}

/** One laid label with its upper left corner there. A line wider than its room is set smaller. */
function drawLaid(
  page: PDFPage,
  laid: LaidLabel,
  fonts: Fonts,
  qrText: string,
  x: number,
  top: number,
): void {
  for (const line of laid.lines) {
    const font = line.bold ? fonts.bold : fonts.regular;
    const wide = font.widthOfTextAtSize(line.text, line.sizePt);
    const room = line.widthMm * POINTS_PER_MM;
    page.drawText(line.text, {
      x: x + line.xMm * POINTS_PER_MM,
      y: top - line.yMm * POINTS_PER_MM,
      size: wide > room ? (line.sizePt * room) / wide : line.sizePt,
      font,
      color: INK,
    });
  }
  if (laid.qr)
    drawQr(
      page,
      qrText,
      x + laid.qr.xMm * POINTS_PER_MM,
      top - laid.qr.yMm * POINTS_PER_MM,
      laid.qr.sideMm,
    );
}
