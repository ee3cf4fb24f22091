import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import {
  saidIn,
  type DayPlan,
  type Paper,
  type TimetableStep,
  type UnitSystem,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { drawQr } from './labels.js';

const require = createRequire(import.meta.url);
const PT_PER_MM = 72 / 25.4;
const MARGIN = 42;
const INK = rgb(0.09, 0.13, 0.11);
const GREY = rgb(0.28, 0.32, 0.28);

/** Breaks a text into lines that fit. */
function wrap(text: string, font: PDFFont, size: number, width: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && font.widthOfTextAtSize(`${last} ${word}`, size) <= width)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

export interface SheetSaid {
  zone: string;
  paper: Paper;
  units: UnitSystem;
  /** Where a phone ticks the list to bring; null where no phone reaches this machine. */
  tickLink: string | null;
}

/** The square beside the list, and how much of the page's width it takes. */
const SQUARE_MM = 26;
const BESIDE = SQUARE_MM * PT_PER_MM + 12;

const NO_PHONE = ['No code: no phone', 'reaches this machine', 'yet. Rules,', 'In the house.'];

/**
 * The square that opens the list on a phone, or that there is none, in the upper right corner;
 * gives how deep it reaches.
 */
function drawTickSquare(
  page: PDFPage,
  link: string | null,
  face: PDFFont,
  right: number,
  top: number,
): number {
  const small = { size: 7, font: face, color: GREY };
  if (link === null) {
    NO_PHONE.forEach((text, i) =>
      page.drawText(text, { x: right - BESIDE + 8, y: top - 10 - i * 10, ...small }),
    );
    return top - 10 - NO_PHONE.length * 10;
  }
  drawQr(page, link, right - SQUARE_MM * PT_PER_MM, top, SQUARE_MM);
  const below = top - SQUARE_MM * PT_PER_MM - 8;
  page.drawText('Tick it on a phone', { x: right - SQUARE_MM * PT_PER_MM + 3, y: below, ...small });
  return below - 10;
}

/**
 * The plan to hang on the wall: one page a day with its steps and their cautions, boxes to tick;
 * the list to bring on the last.
 */
export async function sheetPdf(
  day: DayPlan,
  { zone, paper, units, tickLink }: SheetSaid,
): Promise<Uint8Array> {
  const [width, height] = [paper.widthMm * PT_PER_MM, paper.heightMm * PT_PER_MM];
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const font = (name: string) => readFile(require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`));
  const plain = await pdf.embedFont(await font('DejaVuSans'), { subset: true });
  const bold = await pdf.embedFont(await font('DejaVuSans-Bold'), { subset: true });
  const display = await pdf.embedFont(await font('DejaVuSerif-Bold'), { subset: true });
  let page: PDFPage = null as unknown as PDFPage;
  let y = 0;
  /** Down to where lines are shorter: a square stands at their end. */
  let squareEnds = Number.POSITIVE_INFINITY;
  const heading = (text: string): void => {
    page = pdf.addPage([width, height]);
    squareEnds = Number.POSITIVE_INFINITY;
    page.drawText(text, {
      x: MARGIN,
      y: height - MARGIN - 14,
      size: 18,
      font: display,
      color: INK,
    });
    for (const i of [0, 1, 2])
      page.drawLine({
        start: { x: MARGIN, y: height - MARGIN - 24 - i * 2.5 },
        end: { x: width - MARGIN, y: height - MARGIN - 24 - i * 2.5 },
        thickness: 0.5,
        color: GREY,
      });
    y = height - MARGIN - 48;
  };
  const line = (
    text: string,
    x: number,
    size: number,
    face: PDFFont,
    title: string,
    gap = 1.35,
  ): void => {
    const beside = y > squareEnds ? BESIDE : 0;
    for (const part of wrap(saidIn(units, text), face, size, width - MARGIN - beside - x)) {
      if (y < MARGIN + 10) heading(`${title}, continued`);
      page.drawText(part, { x, y, size, font: face, color: face === plain ? GREY : INK });
      y -= size * gap;
    }
  };
  const byDay = new Map<string, TimetableStep[]>();
  for (const step of day.steps) {
    const date = DateTime.fromISO(step.startsAt).setZone(zone).toISODate()!;
    byDay.set(date, [...(byDay.get(date) ?? []), step]);
  }
  for (const [date, steps] of byDay) {
    const title = DateTime.fromISO(date).toFormat('cccc d LLLL yyyy');
    heading(title);
    for (const step of steps) {
      const starts = DateTime.fromISO(step.startsAt).setZone(zone);
      const ends = DateTime.fromISO(step.endsAt).setZone(zone);
      if (y < MARGIN + 46) heading(`${title}, continued`);
      page.drawRectangle({
        x: MARGIN,
        y: y - 2,
        width: 11,
        height: 11,
        borderColor: INK,
        borderWidth: 1,
      });
      page.drawText(starts.toFormat('HH:mm'), {
        x: MARGIN + 20,
        y,
        size: 11,
        font: bold,
        color: INK,
      });
      const until =
        step.handsOnMinutes > 0
          ? `${step.handsOnMinutes} min${step.people > 1 ? `, ${step.people} people` : ''}`
          : `waits until ${ends.toFormat(ends.hasSame(starts, 'day') ? 'HH:mm' : 'ccc HH:mm')}`;
      line(`${step.harvestName}: ${step.title}`, MARGIN + 70, 11, bold, title);
      line(
        [step.note, until, ...step.vessels].filter(Boolean).join('  ·  '),
        MARGIN + 70,
        9,
        plain,
        title,
      );
      for (const c of step.conflicts) line(`! ${c.sentence}`, MARGIN + 70, 9, bold, title);
      for (const c of day.harvests
        .find((h) => h.id === step.harvestId)
        ?.cautions.filter((k) => k.step === step.id) ?? [])
        line(`— ${c.text}${c.ask ? ` Ask: ${c.ask}` : ''}`, MARGIN + 70, 9, plain, title);
      y -= 6;
    }
  }
  if (day.bring.length) {
    heading('Bring and have');
    squareEnds = drawTickSquare(page, tickLink, plain, width - MARGIN, y + 12);
    for (const where of ['hive', 'bench'] as const) {
      line(
        where === 'hive' ? 'To the hive' : 'At the bench',
        MARGIN,
        12,
        display,
        'Bring and have',
        1.7,
      );
      for (const item of day.bring.filter((b) => b.where === where)) {
        if (y < MARGIN + 30) heading('Bring and have, continued');
        page.drawRectangle({
          x: MARGIN,
          y: y - 2,
          width: 10,
          height: 10,
          borderColor: INK,
          borderWidth: 1,
        });
        line(item.text, MARGIN + 20, 10.5, bold, 'Bring and have');
        line(
          `${item.serves}.${item.short ? ` ${item.ifMissing}` : ''}`,
          MARGIN + 20,
          9,
          plain,
          'Bring and have',
          1.5,
        );
      }
      y -= 8;
    }
  }
  if (!pdf.getPageCount()) heading('Nothing is planned');
  pdf.setTitle('Furrow, the plan');
  return pdf.save();
}
