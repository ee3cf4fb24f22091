import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import fontkit from '@pdf-lib/fontkit';
import {
  type BringLine,
  type Caution,
  type DayPlan,
  type Paper,
  type TimetableStep,
  dayOf,
} from '@furrow/core';
import { houseSay, momentSaid, speak, type Reader } from '../words.js';
import type { Say } from '@furrow/core';
import { DateTime } from 'luxon';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { drawQr } from './labels.js';
import { wrap } from './wrap.js';

const require = createRequire(import.meta.url);
const PT_PER_MM = 72 / 25.4;
const MARGIN = 42;
const INK = rgb(0.09, 0.13, 0.11);
const GREY = rgb(0.28, 0.32, 0.28);

export interface PaperSaid {
  zone: string;
  paper: Paper;
  /** Who reads it: the household. */
  reader: Reader;
  /** Where a phone ticks the list to bring; null where no phone reaches this machine. */
  tickLink: string | null;
}

/** The square beside the list, and how much of the page's width it takes. */
const SQUARE_MM = 26;
const BESIDE = SQUARE_MM * PT_PER_MM + 12;

/**
 * The square that opens the list on a phone, or that there is none, in the upper right corner;
 * gives how deep it reaches.
 */
function drawTickSquare(
  page: PDFPage,
  { tickLink: link, reader }: Pick<PaperSaid, 'tickLink' | 'reader'>,
  face: PDFFont,
  right: number,
  top: number,
): number {
  const small = { size: 7, font: face, color: GREY };
  if (link === null) {
    const lines = wrap(speak(houseSay('paper.no-code'), reader), face, 7, BESIDE - 8);
    lines.forEach((text, i) =>
      page.drawText(text, { x: right - BESIDE + 8, y: top - 10 - i * 10, ...small }),
    );
    return top - 10 - lines.length * 10;
  }
  drawQr(page, link, right - SQUARE_MM * PT_PER_MM, top, SQUARE_MM);
  const below = top - SQUARE_MM * PT_PER_MM - 8;
  const ticks = speak(houseSay('paper.tick-on-phone'), reader);
  page.drawText(ticks, { x: right - SQUARE_MM * PT_PER_MM + 3, y: below, ...small });
  return below - 10;
}

type Faces = Record<'plain' | 'bold' | 'display', PDFFont>;

/** Pages under one heading, written from the top down; a full one goes on on the next. */
class Writer {
  page!: PDFPage;
  y = 0;
  /** Down to where lines are shorter: a square stands at their end. */
  private squareEnds = Number.POSITIVE_INFINITY;
  private title = '';

  constructor(
    private readonly pdf: PDFDocument,
    private readonly faces: Faces,
    private readonly said: PaperSaid,
  ) {}

  get width(): number {
    return this.said.paper.widthMm * PT_PER_MM;
  }

  /** What is to be said, as the household reads it. */
  spoken(says: Say): string {
    return speak(says, this.said.reader);
  }

  /** A new page, its heading over three furrows. */
  heading(title: string, text = title): void {
    const height = this.said.paper.heightMm * PT_PER_MM;
    this.title = title;
    this.page = this.pdf.addPage([this.width, height]);
    this.squareEnds = Number.POSITIVE_INFINITY;
    const font = this.faces.display;
    this.page.drawText(text, { x: MARGIN, y: height - MARGIN - 14, size: 18, font, color: INK });
    for (const i of [0, 1, 2]) {
      const y = height - MARGIN - 24 - i * 2.5;
      this.page.drawLine({
        start: { x: MARGIN, y },
        end: { x: this.width - MARGIN, y },
        thickness: 0.5,
        color: GREY,
      });
    }
    this.y = height - MARGIN - 48;
  }

  /** Goes on on the next page where less than this is left. */
  keepRoom(points: number): void {
    if (this.y < MARGIN + points)
      this.heading(this.title, this.spoken(houseSay('paper.continued', { title: this.title })));
  }

  line(text: string, x: number, size: number, face: keyof Faces, gap = 1.35): void {
    const font = this.faces[face];
    const beside = this.y > this.squareEnds ? BESIDE : 0;
    const widthLeft = this.width - MARGIN - beside - x;
    for (const part of wrap(text, font, size, widthLeft)) {
      this.keepRoom(10);
      this.page.drawText(part, { x, y: this.y, size, font, color: face === 'plain' ? GREY : INK });
      this.y -= size * gap;
    }
  }

  /** A box to tick with a pencil, at the start of a line. */
  box(size: number): void {
    this.page.drawRectangle({
      x: MARGIN,
      y: this.y - 2,
      width: size,
      height: size,
      borderColor: INK,
      borderWidth: 1,
    });
  }

  /** What stands beside a line that is written next, on its height. */
  beside(text: string, x: number, size: number, face: keyof Faces): void {
    this.page.drawText(text, { x, y: this.y, size, font: this.faces[face], color: INK });
  }

  /** The square that opens the list on a phone, at the end of the first lines. */
  tickSquare(): void {
    const right = this.width - MARGIN;
    this.squareEnds = drawTickSquare(this.page, this.said, this.faces.plain, right, this.y + 12);
  }
}

async function embedFaces(pdf: PDFDocument): Promise<Faces> {
  pdf.registerFontkit(fontkit);
  const face = async (name: string): Promise<PDFFont> =>
    pdf.embedFont(await readFile(require.resolve(`dejavu-fonts-ttf/ttf/${name}.ttf`)), {
      subset: true,
    });
  return {
    plain: await face('DejaVuSans'),
    bold: await face('DejaVuSans-Bold'),
    display: await face('DejaVuSerif-Bold'),
  };
}

/**
 * The plan to hang on the wall: one page a day with its steps and their cautions, boxes to tick;
 * the list to bring on the last.
 */
export async function dayPlanPdf(day: DayPlan, said: PaperSaid): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const writer = new Writer(pdf, await embedFaces(pdf), said);
  for (const [date, steps] of byDay(day.steps, said.zone)) {
    writer.heading(momentSaid(DateTime.fromISO(date), 'long-date', said.reader));
    for (const step of steps) writeStep(writer, step, cautionsAt(day, step), said);
  }
  if (day.bring.length) writeBring(writer, day.bring);
  if (!pdf.getPageCount()) writer.heading(writer.spoken(houseSay('paper.nothing-planned')));
  pdf.setTitle(writer.spoken(houseSay('paper.the-plan')));
  return pdf.save();
}

function byDay(steps: readonly TimetableStep[], zone: string): Map<string, TimetableStep[]> {
  const days = new Map<string, TimetableStep[]>();
  for (const step of steps) {
    const date = dayOf(DateTime.fromISO(step.startsAt).setZone(zone));
    days.set(date, [...(days.get(date) ?? []), step]);
  }
  return days;
}

const cautionsAt = (day: DayPlan, { harvestId, id }: TimetableStep): Caution[] =>
  day.harvests.find((h) => h.id === harvestId)?.cautions.filter((c) => c.step === id) ?? [];

/** How long hands are on it, or until when it waits. */
function lasts(step: TimetableStep, { zone, reader }: PaperSaid): Say {
  const { handsOnMinutes: minutes, people } = step;
  if (minutes > 0)
    return people > 1
      ? houseSay('paper.hands-on-people', { minutes, people })
      : houseSay('paper.hands-on', { minutes });
  const starts = DateTime.fromISO(step.startsAt).setZone(zone);
  const ends = DateTime.fromISO(step.endsAt).setZone(zone);
  const style = ends.hasSame(starts, 'day') ? 'clock' : 'weekday-clock';
  return houseSay('paper.waits-until', { ends: momentSaid(ends, style, reader) });
}

const STEP_X = MARGIN + 70;
function writeStep(
  writer: Writer,
  step: TimetableStep,
  cautions: readonly Caution[],
  said: PaperSaid,
): void {
  writer.keepRoom(46);
  writer.box(11);
  const starts = DateTime.fromISO(step.startsAt).setZone(said.zone);
  writer.beside(momentSaid(starts, 'clock', said.reader), MARGIN + 20, 11, 'bold');
  writer.line(`${step.harvestName}: ${writer.spoken(step.title)}`, STEP_X, 11, 'bold');
  const about = [
    writer.spoken(step.note),
    writer.spoken(lasts(step, said)),
    ...step.vessels,
  ].filter(Boolean);
  writer.line(about.join('  ·  '), STEP_X, 9, 'plain');
  for (const { sentence } of step.conflicts)
    writer.line(`! ${writer.spoken(sentence)}`, STEP_X, 9, 'bold');
  for (const { text, ask } of cautions) {
    const caution = ask
      ? houseSay('paper.caution-ask', { text, ask })
      : houseSay('paper.caution', { text });
    writer.line(writer.spoken(caution), STEP_X, 9, 'plain');
  }
  writer.y -= 6;
}

const WHERE_WORDS = {
  hive: houseSay('paper.to-hive'),
  bench: houseSay('paper.at-bench'),
} as const;
function writeBring(writer: Writer, bring: readonly BringLine[]): void {
  writer.heading(writer.spoken(houseSay('paper.bring-and-have')));
  writer.tickSquare();
  for (const where of ['hive', 'bench'] as const) {
    writer.line(writer.spoken(WHERE_WORDS[where]), MARGIN, 12, 'display', 1.7);
    for (const item of bring.filter((b) => b.where === where)) {
      writer.keepRoom(30);
      writer.box(10);
      writer.line(writer.spoken(item.text), MARGIN + 20, 10.5, 'bold');
      const { serves, ifMissing: missing } = item;
      const why = item.short
        ? houseSay('paper.serves-missing', { serves, missing })
        : houseSay('paper.serves', { serves });
      writer.line(writer.spoken(why), MARGIN + 20, 9, 'plain', 1.5);
    }
    writer.y -= 8;
  }
}
