import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import type { LabelText } from '@furrow/core';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';

const require = createRequire(import.meta.url);
const POINTS_PER_MM = 72 / 25.4;

export interface LabelSheet {
  columns: number;
  rows: number;
  marginMm: number;
}
/** A4 with 3 columns and 8 rows. */
export const DEFAULT_SHEET: LabelSheet = { columns: 3, rows: 8, marginMm: 8 };

/** A PDF of label sheets on A4, each label from the record; font shipped and embedded, so accents print. */
export async function labelsPdf(labels: readonly LabelText[], sheet: LabelSheet = DEFAULT_SHEET): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const font = (name: string) => readFile(require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`));
  const regular = await pdf.embedFont(await font('DejaVuSans'), { subset: true });
  const bold = await pdf.embedFont(await font('DejaVuSerif-Bold'), { subset: true });
  const perPage = sheet.columns * sheet.rows;
  const [width, height] = [210 * POINTS_PER_MM, 297 * POINTS_PER_MM];
  const margin = sheet.marginMm * POINTS_PER_MM;
  const labelWidth = (width - 2 * margin) / sheet.columns;
  const labelHeight = (height - 2 * margin) / sheet.rows;
  let page: PDFPage | null = null;
  labels.forEach((label, i) => {
    if (i % perPage === 0) page = pdf.addPage([width, height]);
    const column = i % sheet.columns;
    const row = Math.floor((i % perPage) / sheet.columns);
    drawLabel(page!, label, margin + column * labelWidth, height - margin - (row + 1) * labelHeight, labelWidth, labelHeight, regular, bold);
  });
  pdf.setTitle('Labels');
  return pdf.save();
}

/** Largest size up to `size` at which the text fits the width. */
function fit(font: PDFFont, text: string, size: number, width: number): number {
  const wide = font.widthOfTextAtSize(text, size);
  return wide > width ? (size * width) / wide : size;
}

function drawLabel(page: PDFPage, label: LabelText, x: number, y: number, width: number, height: number, regular: PDFFont, bold: PDFFont): void {
  const ink = rgb(0.094, 0.129, 0.106);
  const inset = 8;
  page.drawRectangle({ x: x + 2, y: y + 2, width: width - 4, height: height - 4, borderColor: rgb(0.77, 0.81, 0.76), borderWidth: 0.5 });
  let top = y + height - inset;
  const line = (text: string, font: PDFFont, wanted: number): void => {
    if (!text) return;
    const size = fit(font, text, wanted, width - 2 * inset);
    top -= size;
    page.drawText(text, { x: x + inset, y: top, size, font, color: ink });
    top -= wanted * 0.35;
  };
  line(label.title, bold, 14);
  line(label.origin, regular, 8.5);
  line(label.net, bold, 11);
  line([label.harvested, label.batch].join('  '), regular, 7);
  line([label.bestBefore, label.gift].filter(Boolean).join('  '), regular, 7);
  line(label.warning, regular, 7);
  line(label.maker, regular, 7);
}
