import type { Say } from '../say/say.js';
import { jarSay } from './says.js';
import type {
  LabelDesign,
  LabelField,
  LabelFieldKind,
  LabelLines,
  LabelSheet,
  LabelText,
} from '../records/vocabulary/labels.js';

export const LABEL_FIELD_WORDS: Record<LabelFieldKind, Say> = {
  title: jarSay('jar.field.title'),
  origin: jarSay('jar.field.origin'),
  net: jarSay('jar.field.net'),
  harvested: jarSay('jar.field.harvested'),
  bestBefore: jarSay('jar.field.bestBefore'),
  batch: jarSay('jar.field.batch'),
  flower: jarSay('jar.field.flower'),
  moisture: jarSay('jar.field.moisture'),
  nutrition: jarSay('jar.field.nutrition'),
  warning: jarSay('jar.field.warning'),
  gift: jarSay('jar.field.gift'),
  maker: jarSay('jar.field.maker'),
  own: jarSay('jar.field.own'),
};
/** Lines no label for eating goes without. */
export const FIXED_FIELDS: readonly LabelFieldKind[] = [
  'title',
  'net',
  'bestBefore',
  'batch',
  'warning',
  'gift',
];

export const STARTING_FIELDS: readonly LabelField[] = [
  { kind: 'title', sizePt: 14, bold: true, text: '' },
  { kind: 'origin', sizePt: 8, bold: false, text: '' },
  { kind: 'net', sizePt: 11, bold: true, text: '' },
  { kind: 'harvested', sizePt: 6.5, bold: false, text: '' },
  { kind: 'bestBefore', sizePt: 6.5, bold: false, text: '' },
  { kind: 'batch', sizePt: 6.5, bold: false, text: '' },
  { kind: 'flower', sizePt: 6.5, bold: false, text: '' },
  { kind: 'gift', sizePt: 6.5, bold: true, text: '' },
  { kind: 'warning', sizePt: 6.5, bold: false, text: '' },
  { kind: 'maker', sizePt: 6.5, bold: false, text: '' },
];

/** Points to millimetres, height of a line above its letters, and room round the label's edge. */
const [MM_PER_PT, LEADING, PAD_MM] = [25.4 / 72, 1.28, 2];
/**
 * Mean width of a letter as a share of its height: DejaVu Sans and DejaVu Serif Bold, measured over
 * the words of labels.
 */
const LETTER = { plain: 0.56, bold: 0.66 };

/** `field` is the place of its field in the design. */
export interface LabelLine {
  field: number;
  text: string;
  bold: boolean;
  sizePt: number;
  xMm: number;
  yMm: number;
  widthMm: number;
}
export interface LaidLabel {
  lines: LabelLine[];
  qr: { xMm: number; yMm: number; sideMm: number } | null;
  highMm: number;
  fits: boolean;
}

/** What stands on one line; empty where the record says nothing of it. */
export function fieldText(field: LabelField, words: LabelLines): string {
  return field.kind === 'own' ? field.text : (words[field.kind] ?? '');
}

/**
 * What stands on one line and, where the label speaks two languages, under it; what is the same in
 * both stands once.
 */
function fieldTexts(field: LabelField, words: LabelText): string[] {
  const texts = [fieldText(field, words), words.second ? fieldText(field, words.second) : ''];
  return [...new Set(texts)].filter(Boolean);
}

/** Long lines are broken at words so that letters stay as large as they were set. */
function broken(text: string, bold: boolean, sizePt: number, widthMm: number): string[] {
  const most = Math.max(
    6,
    Math.floor(widthMm / (sizePt * MM_PER_PT * (bold ? LETTER.bold : LETTER.plain))),
  );
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    if (line && line.length + 1 + word.length > most) {
      lines.push(line);
      line = word;
    } else line = line ? `${line} ${word}` : word;
  }
  return line ? [...lines, line] : lines;
}

/**
 * One label laid out in mm from its upper left: lines by their set size, broken at words, a QR code
 * at the right. The screen's preview and the print both draw this. `fits` is false where lines run
 * past the lower edge.
 */
export function layLabel(
  design: LabelDesign,
  words: LabelText,
  sheet: Pick<LabelSheet, 'labelWidthMm' | 'labelHeightMm'>,
): LaidLabel {
  const { labelWidthMm, labelHeightMm } = sheet;
  const sideMm = design.qr ? Math.min(18, labelHeightMm - 2 * PAD_MM, labelWidthMm * 0.34) : 0;
  const qr = design.qr
    ? { xMm: labelWidthMm - PAD_MM - sideMm, yMm: labelHeightMm - PAD_MM - sideMm, sideMm }
    : null;
  const lines: LabelLine[] = [];
  let y = PAD_MM;
  for (const [at, field] of design.fields.entries()) {
    const high = field.sizePt * MM_PER_PT;
    // Beside the code lines are narrower; above it they have the whole width.
    const width = (at: number): number =>
      labelWidthMm - 2 * PAD_MM - (qr && at + high * LEADING > qr.yMm ? sideMm + 1 : 0);
    for (const text of fieldTexts(field, words)) {
      const room = Math.min(width(y), width(y + high * LEADING));
      for (const part of broken(text, field.bold, field.sizePt, room)) {
        lines.push({
          field: at,
          text: part,
          bold: field.bold,
          sizePt: field.sizePt,
          xMm: PAD_MM,
          yMm: y + high,
          widthMm: width(y),
        });
        y += high * LEADING;
      }
    }
  }
  return { lines, qr, highMm: y + PAD_MM - 0.6, fits: y + PAD_MM - 0.6 <= labelHeightMm + 0.01 };
}

/**
 * The same lines with letters just small enough for the label, in steps of a fiftieth, never under
 * 4 points; as it was where even that is too large.
 */
export function shrunkToFit(
  design: LabelDesign,
  words: LabelText,
  sheet: Pick<LabelSheet, 'labelWidthMm' | 'labelHeightMm'>,
): LabelDesign {
  for (let factor = 1; factor > 0.3; factor -= 0.02) {
    const smaller = {
      ...design,
      fields: design.fields.map((f) => ({
        ...f,
        sizePt: Math.max(4, Math.round(f.sizePt * factor * 10) / 10),
      })),
    };
    if (layLabel(smaller, words, sheet).fits) return smaller;
  }
  return design;
}

const MONTHS = 'jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec';
/** Dates as people write them: 14 Mar 2026, 14.3.2026, 2026-03-14, Mar 2026, 3/2026. */
const DATES = new RegExp(
  `\\d{4}-\\d{1,2}(?:-\\d{1,2})?|\\d{1,2}[./-]\\d{1,2}[./-]\\d{2,4}|(?:\\d{1,2}\\.? )?(?:${MONTHS})[a-z]* \\d{4}|\\b\\d{1,2}/\\d{4}`,
  'gi',
);
/** Dates written in a text, as they stand there. */
export const datesIn = (text: string): string[] => [...text.matchAll(DATES)].map((m) => m[0]);

/**
 * Why a label may not be printed; nothing where it may. Every date comes from the record:
 * one in an own line that is not the harvest's stops it. The fixed lines must be there, a named
 * flower must say what supports it, and all must fit. `fromRecord` are the dates as the label
 * itself prints them.
 */
export function labelProblems(
  design: LabelDesign,
  words: LabelText,
  sheet: Pick<LabelSheet, 'labelWidthMm' | 'labelHeightMm'>,
): Say[] {
  const kinds = new Set(design.fields.map((f) => f.kind));
  const problems = FIXED_FIELDS.filter((k) => !kinds.has(k) && (k !== 'gift' || words.gift)).map(
    (k) => jarSay('jar.problem.missing', { field: LABEL_FIELD_WORDS[k] }),
  );
  const known = [words, words.second]
    .map((lines) => `${lines?.harvested ?? ''} ${lines?.bestBefore ?? ''}`)
    .join(' ')
    .toLowerCase();
  for (const field of design.fields.filter((f) => f.kind === 'own')) {
    const wrong = datesIn(field.text).find((d) => !known.includes(d.toLowerCase()));
    if (wrong)
      problems.push(
        jarSay('jar.problem.date', {
          date: wrong,
          harvested: words.harvested,
          bestBefore: words.bestBefore,
        }),
      );
  }
  const laid = layLabel(design, words, sheet);
  if (!laid.fits)
    problems.push(
      jarSay('jar.problem.too-high', {
        lines: { lengthMm: laid.highMm },
        label: { lengthMm: sheet.labelHeightMm },
      }),
    );
  return problems;
}
