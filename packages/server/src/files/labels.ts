import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import { labelPlace, layLabel, type LabelDesign, type LabelSheet, type LabelText, type LaidLabel } from '@furrow/core';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import QRCode from 'qrcode';

const require = createRequire(import.meta.url);
export const POINTS_PER_MM = 72 / 25.4;
const INK = rgb(0.094, 0.129, 0.106);

export interface Fonts { regular: PDFFont; bold: PDFFont }
/** A PDF with the shipped fonts embedded, so that accents and fractions print everywhere. */
export async function pdfWithFonts(title: string): Promise<{ pdf: PDFDocument; fonts: Fonts }> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const font = async (name: string): Promise<PDFFont> => pdf.embedFont(await readFile(require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`)), { subset: true });
  pdf.setTitle(title);
  return { pdf, fonts: { regular: await font('DejaVuSans'), bold: await font('DejaVuSerif-Bold') } };
}

/** The dark squares of a code, as rows of runs: fewer shapes than squares. */
export function qrRuns(text: string): { size: number; runs: { x: number; y: number; length: number }[] } {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const runs: { x: number; y: number; length: number }[] = [];
  for (let y = 0; y < modules.size; y++) for (let x = 0; x < modules.size; x++) {
    if (!modules.get(y, x)) continue;
    const from = x;
    while (x + 1 < modules.size && modules.get(y, x + 1)) x++;
    runs.push({ x: from, y, length: x - from + 1 });
  }
  return { size: modules.size, runs };
}

/** A code of so many mm with its upper left corner there (points, y from the bottom), with the quiet edge it needs. */
export function drawQr(page: PDFPage, text: string, x: number, top: number, sideMm: number): void {
  const { size, runs } = qrRuns(text);
  const module = (sideMm * POINTS_PER_MM) / (size + 4);
  for (const run of runs) page.drawRectangle({ x: x + (run.x + 2) * module, y: top - (run.y + 3) * module, width: run.length * module + 0.02, height: module + 0.02, color: INK });
}

/** A PDF of label sheets as designed; `startAt` leaves labels of a sheet begun before empty. */
export async function labelsPdf(labels: readonly LabelText[], design: LabelDesign, sheet: LabelSheet, qrText: string, startAt = 0): Promise<Uint8Array> {
  const { pdf, fonts } = await pdfWithFonts('Labels');
  const pages: PDFPage[] = [];
  const laidOf = new Map<string, LaidLabel>();
  labels.forEach((label, i) => {
    const place = labelPlace(sheet, startAt + i);
    while (pages.length <= place.page) pages.push(pdf.addPage([sheet.paperWidthMm * POINTS_PER_MM, sheet.paperHeightMm * POINTS_PER_MM]));
    const key = JSON.stringify(label);
    const laid = laidOf.get(key) ?? layLabel(design, label, sheet);
    laidOf.set(key, laid);
    drawLaid(pages[place.page], laid, fonts, qrText, place.xMm * POINTS_PER_MM, (sheet.paperHeightMm - place.yMm) * POINTS_PER_MM);
  });
  return pdf.save();
}

/** One laid label with its upper left corner there. A line wider than its room is set smaller. */
function drawLaid(page: PDFPage, laid: LaidLabel, fonts: Fonts, qrText: string, x: number, top: number): void {
  for (const line of laid.lines) {
    const font = line.bold ? fonts.bold : fonts.regular;
    const wide = font.widthOfTextAtSize(line.text, line.sizePt);
    const room = line.widthMm * POINTS_PER_MM;
    page.drawText(line.text, { x: x + line.xMm * POINTS_PER_MM, y: top - line.yMm * POINTS_PER_MM, size: wide > room ? (line.sizePt * room) / wide : line.sizePt, font, color: INK });
  }
  if (laid.qr) drawQr(page, qrText, x + laid.qr.xMm * POINTS_PER_MM, top - laid.qr.yMm * POINTS_PER_MM, laid.qr.sideMm);
}
