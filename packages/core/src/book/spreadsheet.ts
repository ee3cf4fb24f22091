import type { Say } from '../say/say.js';
import { bookSay } from './says.js';
import { DateTime } from 'luxon';
import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '../units/mass.js';
import { readNumber } from '../units/readNumber.js';
import { SHEET_ROWS_MAX } from '../records/spreadsheet.js';

/** What a sheet of old harvests may say of one, and how people head such a column. */
export const SHEET_FIELDS = [
  'date',
  'hive',
  'honey',
  'wax',
  'moisture',
  'minutes',
  'note',
] as const;
export type SpreadsheetField = (typeof SHEET_FIELDS)[number];
export const SHEET_FIELD_WORDS: Record<SpreadsheetField, Say> = {
  date: bookSay('book.sheet.date'),
  hive: bookSay('book.sheet.hive'),
  honey: bookSay('book.sheet.honey'),
  wax: bookSay('book.sheet.wax'),
  moisture: bookSay('book.sheet.moisture'),
  minutes: bookSay('book.sheet.minutes'),
  note: bookSay('book.sheet.note'),
};
const HEADS: Record<SpreadsheetField, RegExp> = {
  date: /^(date|day|when|harvested|data|dia|datum|fecha)\b/i,
  hive: /\b(hive|box|colony|colmeia|caixa|stock|bienenstock|colmena)\b/i,
  honey: /\b(honey|mel|honig|miel|yield|crop)\b/i,
  wax: /\b(wax|cera|wachs|cire)\b/i,
  moisture: /\b(water|moisture|humidity|umidade|wasser)\b/i,
  minutes: /\b(min|minutes|minutos|time|hands)\b/i,
  note: /\b(note|notes|remark|remarks|obs|comment)\b/i,
};
export const SHEET_MASS_UNITS = ['kg', 'g', 'lb', 'oz'] as const;
export type SpreadsheetMassUnit = (typeof SHEET_MASS_UNITS)[number];
export const DATE_ORDERS = ['year-first', 'day-first', 'month-first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];
const GRAMS: Record<SpreadsheetMassUnit, number> = {
  kg: 1000,
  g: 1,
  lb: GRAMS_PER_POUND,
  oz: GRAMS_PER_OUNCE,
};

/** Which column is what; null where the sheet has none of it. */
export type SpreadsheetColumns = Record<SpreadsheetField, number | null>;
export interface SpreadsheetSettings {
  columns: SpreadsheetColumns;
  honeyUnit: SpreadsheetMassUnit;
  waxUnit: SpreadsheetMassUnit;
  dates: DateOrder;
}
export interface SpreadsheetGuess extends SpreadsheetSettings {
  /** What was guessed and is asked, sentences. */ asks: Say[];
}
export interface SpreadsheetHarvest {
  line: number;
  date: string;
  hiveName: string;
  honeyG: number;
  waxG: number;
  moisturePercent: number | null;
  minutes: number;
  note: string;
}
export interface SpreadsheetProblem {
  line: number;
  column: Say | string;
  sentence: Say;
}
export interface SpreadsheetRead {
  harvests: SpreadsheetHarvest[];
  problems: SpreadsheetProblem[];
  hiveNames: string[];
  rows: number;
}

/** How a column's head names its unit, in the order they are looked for: a kilogram has a gram in it. */
const UNIT_SIGNS: readonly [SpreadsheetMassUnit, RegExp][] = [
  ['kg', /\bkg\b|kilo/i],
  ['lb', /\b(lb|lbs|pound)/i],
  ['oz', /\boz\b|ounce/i],
  ['g', /\(g\)|\bg\b|gram/i],
];
const unitIn = (head: string): SpreadsheetMassUnit | null =>
  UNIT_SIGNS.find(([, sign]) => sign.test(head))?.[0] ?? null;
const filled = (rows: readonly (readonly string[])[], column: number | null): string[] =>
  column === null ? [] : rows.map((r) => (r[column] ?? '').trim()).filter(Boolean);

/**
 * A unit from the head of a column, else from the size of what stands there; says when it was the
 * size.
 */
function guessUnit(
  head: string,
  values: readonly string[],
  what: 'honey' | 'wax',
): { unit: SpreadsheetMassUnit; ask: Say | null } {
  const said = unitIn(head);
  if (said) return { unit: said, ask: null };
  const numbers = values
    .flatMap((v) => {
      const n = readNumber(v);
      return n === null ? [] : [n];
    })
    .sort((a, b) => a - b);
  const middle = numbers[Math.floor(numbers.length / 2)] ?? 0;
  const unit = middle >= 100 ? 'g' : 'kg';
  return {
    unit,
    ask: numbers.length ? bookSay(`book.sheet.no-unit-${what}`, { column: head, unit }) : null,
  };
}

/** The order of day and month from dates that leave no doubt; null where all could be either. */
function guessOrder(values: readonly string[]): { dates: DateOrder; ask: Say | null } {
  const parts = values.map((v) =>
    v
      .split(/[^0-9]+/)
      .filter(Boolean)
      .map(Number),
  );
  if (parts.some((p) => p[0] > 31)) return { dates: 'year-first', ask: null };
  if (parts.some((p) => p.length === 3 && p[0] > 12)) return { dates: 'day-first', ask: null };
  if (parts.some((p) => p.length === 3 && p[1] > 12)) return { dates: 'month-first', ask: null };
  return {
    dates: 'day-first',
    ask: values.length ? bookSay('book.sheet.either-way', { date: values[0] }) : null,
  };
}

/**
 * What a sheet's columns are, guessed from its head and what stands below; every guess that could
 * be wrong is asked.
 */
export function guessSpreadsheet(
  head: readonly string[],
  rows: readonly (readonly string[])[],
): SpreadsheetGuess {
  const taken = new Set<number>();
  const columns = Object.fromEntries(
    SHEET_FIELDS.map((field) => {
      const at = head.findIndex(
        (h, i) => !taken.has(i) && HEADS[field].test(h.trim().replace(/_/g, ' ')),
      );
      if (at >= 0) taken.add(at);
      return [field, at >= 0 ? at : null];
    }),
  ) as SpreadsheetColumns;
  const sample = rows.slice(0, 500);
  const honey = guessUnit(
    columns.honey === null ? '' : head[columns.honey],
    filled(sample, columns.honey),
    'honey',
  );
  const wax = guessUnit(
    columns.wax === null ? '' : head[columns.wax],
    filled(sample, columns.wax),
    'wax',
  );
  const order = guessOrder(filled(sample, columns.date).slice(0, 200));
  const missing = (['date', 'hive', 'honey'] as const)
    .filter((f) => columns[f] === null)
    .map((f) => bookSay('book.sheet.choose-column', { field: SHEET_FIELD_WORDS[f] }));
  return {
    columns,
    honeyUnit: honey.unit,
    waxUnit: wax.unit,
    dates: order.dates,
    asks: [...missing, ...[honey.ask, wax.ask, order.ask].filter((a): a is Say => a !== null)],
  };
}

/** Where year, month and day stand among the three parts of a date. */
const PARTS_OF: Record<DateOrder, readonly [number, number, number]> = {
  'year-first': [0, 1, 2],
  'day-first': [2, 1, 0],
  'month-first': [2, 0, 1],
};
function readDate(text: string, order: DateOrder): string | null {
  const p = text
    .trim()
    .split(/[^0-9]+/)
    .filter(Boolean);
  if (p.length !== 3) return null;
  const [y, m, d] = PARTS_OF[order].map((i) => p[i]);
  const year = y.length === 2 ? 2000 + Number(y) : Number(y);
  const date = DateTime.fromObject({ year, month: Number(m), day: Number(d) }, { zone: 'utc' });
  return date.isValid && year >= 1950 && year <= 2200 ? date.toISODate() : null;
}

/**
 * Reads a sheet row by row under the settings the person agreed to. Decimal comma or point; a
 * number with both, or with a thousands mark, is asked about rather than guessed. Formulas are text
 * like any other, never run. Every row in error is named with its column; lines are counted as the
 * sheet counts them, its head being 1. `today` bounds dates.
 */
export function readSpreadsheet(
  head: readonly string[],
  rows: readonly (readonly string[])[],
  settings: SpreadsheetSettings,
  today: string,
): SpreadsheetRead {
  const problems: SpreadsheetProblem[] = [];
  if (rows.length > SHEET_ROWS_MAX)
    return {
      harvests: [],
      hiveNames: [],
      rows: rows.length,
      problems: [
        {
          line: SHEET_ROWS_MAX + 2,
          column: '',
          sentence: bookSay('book.sheet.too-many', { rows: rows.length, most: SHEET_ROWS_MAX }),
        },
      ],
    };
  const harvests: SpreadsheetHarvest[] = [];
  const { columns } = settings;
  rows.forEach((row, i) => {
    const line = i + 2;
    const before = problems.length;
    const cell = (field: SpreadsheetField): string =>
      columns[field] === null ? '' : (row[columns[field]] ?? '').trim();
    const bad = (field: SpreadsheetField, sentence: Say): null => {
      problems.push({
        line,
        column: columns[field] === null ? SHEET_FIELD_WORDS[field] : head[columns[field]],
        sentence,
      });
      return null;
    };
    const number = (
      field: SpreadsheetField,
      low: number,
      high: number,
      unit: string,
    ): number | null => {
      const text = cell(field);
      if (!text) return null;
      const value = readNumber(text.replace(/\s*(kg|g|lbs?|oz|%|min)$/i, ''));
      if (value === null)
        return bad(
          field,
          bookSay(/[.,].*[.,]/.test(text) ? 'book.sheet.thousands' : 'book.sheet.no-number', {
            text: text.slice(0, 40),
          }),
        );
      return value < low || value > high
        ? bad(field, bookSay('book.sheet.not-between', { value, low, high, unit }))
        : value;
    };
    if (row.every((c) => !c.trim())) return;
    const dateText = cell('date');
    const date = dateText ? readDate(dateText, settings.dates) : null;
    if (!date)
      bad(
        'date',
        dateText
          ? bookSay('book.sheet.no-date-so', { text: dateText.slice(0, 40) })
          : bookSay('book.sheet.no-date'),
      );
    else if (date > today) bad('date', bookSay('book.sheet.future', { text: dateText }));
    const hiveName = cell('hive');
    if (!hiveName) bad('hive', bookSay('book.sheet.no-hive'));
    else if (hiveName.length > 80) bad('hive', bookSay('book.sheet.long-name'));
    const honey = number('honey', 0, 1_000_000 / GRAMS[settings.honeyUnit], settings.honeyUnit);
    if (honey === null && problems.length === before) bad('honey', bookSay('book.sheet.no-honey'));
    const wax = number('wax', 0, 100_000 / GRAMS[settings.waxUnit], settings.waxUnit);
    const moisturePercent = number('moisture', 10, 45, '%');
    const minutes = number('minutes', 0, 10_000, 'min');
    if (problems.length === before)
      harvests.push({
        line,
        date: date!,
        hiveName,
        honeyG: Math.round(honey! * GRAMS[settings.honeyUnit]),
        waxG: Math.round((wax ?? 0) * GRAMS[settings.waxUnit]),
        moisturePercent,
        minutes: Math.round(minutes ?? 0),
        note: cell('note').slice(0, 500),
      });
  });
  return {
    harvests,
    problems,
    hiveNames: [...new Set(harvests.map((h) => h.hiveName))],
    rows: rows.length,
  };
}
