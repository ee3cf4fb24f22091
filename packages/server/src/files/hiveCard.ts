import { houseSay, inLanguage, speak, type Reader } from '../words.js';
import {
  HIVE_KINDS,
  faceHalfWidthMm,
  readShape,
  seenOutline,
  unitAt,
  type Hive,
  type Paper,
} from '@furrow/core';
import { rgb, type PDFPage } from 'pdf-lib';
import { POINTS_PER_MM as MM, drawQr, pdfWithFonts, type Fonts } from './labels.js';
import { wrap } from './wrap.js';

const INK = rgb(0.094, 0.129, 0.106);
const [CARD_WIDTH_MM, CARD_HEIGHT_MM] = [85, 54];

/**
 * A card for the hive, the size of a bank card: its name, and a code that opens its Look. Takes the
 * address of that; null where no phone reaches this machine, which the card then says; and who
 * reads it.
 */
export async function hiveCardPdf(
  hive: Hive,
  qrText: string | null,
  reader: Reader,
): Promise<Uint8Array> {
  const title = speak(houseSay('paper.card-of', { hive: hive.name }), reader);
  const { pdf, fonts } = await pdfWithFonts(title);
  const page = pdf.addPage([CARD_WIDTH_MM * MM, CARD_HEIGHT_MM * MM]);
  page.drawRectangle({
    x: 1,
    y: 1,
    width: CARD_WIDTH_MM * MM - 2,
    height: CARD_HEIGHT_MM * MM - 2,
    borderColor: INK,
    borderWidth: 0.5,
  });
  const size = Math.min(26, (44 * MM) / Math.max(0.1, fonts.bold.widthOfTextAtSize(hive.name, 1)));
  page.drawText(hive.name, { x: 5 * MM, y: 38 * MM, size, font: fonts.bold, color: INK });
  page.drawText(speak(HIVE_KINDS[hive.kind].name, reader), {
    x: 5 * MM,
    y: 30 * MM,
    size: 9,
    font: fonts.regular,
    color: INK,
  });
  page.drawText(hive.site.name, {
    x: 5 * MM,
    y: 25 * MM,
    size: 9,
    font: fonts.regular,
    color: INK,
  });
  const small = { size: 7, font: fonts.regular, color: INK };
  if (qrText === null)
    wrap(speak(houseSay('paper.no-code'), reader), fonts.regular, 7, 31 * MM).forEach((line, i) =>
      page.drawText(line, { x: 52 * MM, y: (30 - i * 4) * MM, ...small }),
    );
  else {
    page.drawText(speak(houseSay('paper.scan-to-look'), reader), {
      x: 5 * MM,
      y: 6 * MM,
      ...small,
    });
    drawQr(page, qrText, 49 * MM, 43 * MM, 32);
  }
  return pdf.save();
}

/**
 * Blank combs of a hive to scale, both sides of each, for a pencil at the hive: two a row, as large
 * as a page of the household's paper lets them be; the scale stands on every page. Takes who reads
 * it.
 */
export async function lookSheetPdf(hive: Hive, paper: Paper, reader: Reader): Promise<Uint8Array> {
  const title = speak(houseSay('paper.look-sheet-of', { hive: hive.name }), reader);
  const { pdf, fonts } = await pdfWithFonts(title);
  const outline = seenOutline(hive, readShape(hive).outline.depthMm);
  const [paperMm, highMm, marginMm] = [paper.widthMm, paper.heightMm, 12];
  const widthMm = Math.max(outline.topWidthMm, outline.bottomWidthMm);
  const scale = Math.min((paperMm - 2 * marginMm - 8) / 2 / widthMm, 0.5);
  const rowMm = outline.depthMm * scale + 17;
  const rows = Math.max(1, Math.floor((highMm - 46) / rowMm));
  const combs = hive.bars.filter((b) => b.comb);
  let page: PDFPage | null = null;
  const places = combs.length
    ? combs.map((b) => unitAt(hive.kind, b.slot))
    : [houseSay('paper.comb-blank')];
  places.forEach((place, i) => {
    if (i % rows === 0)
      page = sheetHead(pdf.addPage([paperMm * MM, highMm * MM]), hive, fonts, scale, reader);
    const top = highMm - 34 - (i % rows) * rowMm;
    for (const side of [0, 1]) {
      const middle = marginMm + (widthMm * scale) / 2 + side * (widthMm * scale + 8);
      const words = houseSay('paper.side', { place, side: side ? 'B' : 'A' });
      page!.drawText(speak(words, reader), {
        x: (middle - (widthMm * scale) / 2) * MM,
        y: (top + 2) * MM,
        size: 8,
        font: fonts.regular,
        color: INK,
      });
      drawOutline(page!, outline, middle, top, scale);
    }
    page!.drawText(speak(houseSay('paper.to-fill'), reader), {
      x: marginMm * MM,
      y: (top - outline.depthMm * scale - 5) * MM,
      size: 7,
      font: fonts.regular,
      color: INK,
    });
  });
  return pdf.save();
}

function sheetHead(
  page: PDFPage,
  hive: Hive,
  fonts: Fonts,
  scale: number,
  reader: Reader,
): PDFPage {
  const highMm = page.getHeight() / MM;
  page.drawText(hive.name, {
    x: 12 * MM,
    y: (highMm - 18) * MM,
    size: 16,
    font: fonts.bold,
    color: INK,
  });
  const head = houseSay('paper.sheet-head', {
    site: hive.site.name,
    scale: inLanguage((1 / scale).toFixed(1), reader.language),
  });
  page.drawText(speak(head, reader), {
    x: 12 * MM,
    y: (highMm - 25) * MM,
    size: 9,
    font: fonts.regular,
    color: INK,
  });
  return page;
}

/** The bar, and the lower edge; lines to guess by are thinner. */
const THICKNESS: Record<number, number> = { 0: 2.4, 24: 0.9 };

/**
 * The edge of one comb, bar above, and light lines at a quarter, half and three quarters of its
 * depth to guess shares by.
 */
function drawOutline(
  page: PDFPage,
  outline: Parameters<typeof faceHalfWidthMm>[0],
  middleMm: number,
  topMm: number,
  scale: number,
): void {
  const points = Array.from({ length: 25 }, (_, i) => (outline.depthMm * i) / 24).map((depth) => ({
    x: faceHalfWidthMm(outline, Math.min(depth, outline.depthMm - 0.5)) * scale,
    y: topMm - depth * scale,
  }));
  for (const sign of [-1, 1])
    for (let i = 1; i < points.length; i++) {
      page.drawLine({
        start: { x: (middleMm + sign * points[i - 1].x) * MM, y: points[i - 1].y * MM },
        end: { x: (middleMm + sign * points[i].x) * MM, y: points[i].y * MM },
        thickness: 0.9,
        color: INK,
      });
    }
  for (const share of [0, 6, 12, 18, 24])
    page.drawLine({
      start: { x: (middleMm - points[share].x) * MM, y: points[share].y * MM },
      end: { x: (middleMm + points[share].x) * MM, y: points[share].y * MM },
      thickness: THICKNESS[share] ?? 0.3,
      color: share % 24 ? rgb(0.6, 0.63, 0.6) : INK,
    });
}
