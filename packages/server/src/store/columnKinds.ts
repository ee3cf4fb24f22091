import { FLAGS, JSON_COLUMNS } from './rows.js';

/**
 * What stands in a column, told by its name, which says its unit and its meaning wherever it
 * stands.
 */
export type ColumnKind =
  'id' | 'instant' | 'date' | 'flag' | 'json' | 'grams' | 'number' | 'whole' | 'text';

/** Columns that are called like an id or a day and hold something else. */
const PLAIN_TEXT = new Set(['commandId', 'stepId', 'rowId']);

/** Takes a table, its column, and the type the database gives it. */
export function columnKind(table: string, column: string, type: string): ColumnKind {
  if (JSON_COLUMNS[table]?.includes(column)) return 'json';
  if (FLAGS[table]?.includes(column) || type === 'boolean') return 'flag';
  if (type === 'integer') return /(^g|G)$/.test(column) ? 'grams' : 'whole';
  if (type === 'number') return 'number';
  if (PLAIN_TEXT.has(column)) return 'text';
  if (/^id$|Id$|^photo[AB]$|^voids$/.test(column)) return 'id';
  if (/^at$|[a-z]At$/.test(column)) return 'instant';
  if (/^date$|[a-z](On|Date|By)$/.test(column)) return dateOrText(column);
  return 'text';
}

/** 'useBy' is a day; who something was undone by, or by what a weight was got, is not. */
const DAYS_BY = new Set(['useBy']);
const dateOrText = (column: string): ColumnKind =>
  column.endsWith('By') && !DAYS_BY.has(column) ? 'text' : 'date';

const UNITS: readonly [RegExp, string][] = [
  [/(^g|G)$/, 'g'],
  [/Kg$/, 'kg'],
  [/Mm$/, 'mm'],
  [/Ml$/, 'ml'],
  [/^litres$|L$/, 'L'],
  [/C$/, '°C'],
  [/Percent$/, '%'],
  [/KmH$/, 'km/h'],
  [/[mM]inutes$/, 'min'],
  [/Px$/, 'px'],
  [/[lo]ngitude$|latitude$/, 'degrees'],
];

/** The unit that a column's name says; null where it has none. */
export function unitOf(column: string, kind: ColumnKind): string | null {
  if (kind !== 'grams' && kind !== 'number' && kind !== 'whole') return null;
  return UNITS.find(([name]) => name.test(column))?.[1] ?? null;
}
