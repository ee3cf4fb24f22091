import type { Say } from '@furrow/core';
import { fromKept, kept } from './kept.js';
import { saidVerdict } from './saidVerdict.js';
import type { Knex } from 'knex';
import { notFound, type Noun } from '../problem.js';
import { provenRow, type RowOf, type TableName } from './tables.js';

/** Columns kept as JSON text. */
export const JSON_COLUMNS: Record<string, readonly string[]> = {
  sites: ['notes', 'forage', 'tasks'],
  hives: ['geometry'],
  colonies: ['parentIds'],
  combs: ['successorIds', 'marks'],
  looks: ['sides', 'readings', 'verdict', 'faceA', 'faceB', 'pane', 'pots', 'seenBy'],
  colonyFacts: ['fact'],
  ruleVersions: ['rules'],
  batches: ['combIds', 'anyway', 'decision', 'plan'],
  stepMarks: ['answer'],
  frameEvents: ['shares'],
  waterReadings: ['reading'],
  readings: ['readings'],
  cutBoards: ['flaws', 'cuts'],
  cutPieces: ['blemishes'],
  lots: ['weights'],
  labelDesigns: ['fields'],
  prints: ['sheet', 'fields', 'labels'],
  waxRuns: ['blocks'],
};
/** Columns of what was said: its key and what stands in it, or a sentence as it was written. */
const SAID_COLUMNS: Record<string, readonly string[]> = {
  cutPieces: ['reason'],
  holds: ['sentence', 'liftedWord'],
  lots: ['name'],
  labelSheets: ['name'],
  labelDesigns: ['name'],
};
/** Columns kept as 0 or 1. */
export const FLAGS: Record<string, readonly string[]> = {
  colonies: ['startedAssumed'],
  looks: ['straight'],
  takes: ['byBox', 'withPollen'],
  cutBoards: ['provenOptimal'],
  keepings: ['apart'],
  drains: ['thixotropic'],
  weighings: ['leftOut'],
  labelDesigns: ['qr'],
  prints: ['qr'],
  waxRuns: ['rinsed'],
  rinses: ['cold'],
  lots: ['granulating'],
};

export type Row = Record<string, unknown> & { id: string; revision: number };

export function toRow(table: string, thing: Record<string, unknown>): Record<string, unknown> {
  const row = { ...thing };
  for (const column of JSON_COLUMNS[table] ?? [])
    if (column in row && row[column] !== null) row[column] = JSON.stringify(row[column]);
  for (const column of SAID_COLUMNS[table] ?? [])
    if (row[column]) row[column] = kept(row[column] as Say);
  for (const column of FLAGS[table] ?? [])
    if (typeof row[column] === 'boolean') row[column] = row[column] ? 1 : 0;
  return row;
}

const fromJson = (value: unknown): unknown =>
  typeof value === 'string' ? JSON.parse(value) : value;

/** A row of a table as it is read: its JSON opened, its flags yes or no. */
export function opened(table: string, row: Record<string, unknown>): Record<string, unknown> {
  const { removedAt: _removedAt, ...thing } = row;
  for (const column of JSON_COLUMNS[table] ?? [])
    if (column in thing) thing[column] = fromJson(thing[column]);
  if ('verdict' in thing) thing.verdict = saidVerdict(thing.verdict);
  for (const column of SAID_COLUMNS[table] ?? [])
    if (typeof thing[column] === 'string') thing[column] = fromKept(thing[column]);
  for (const column of FLAGS[table] ?? [])
    if (column in thing && thing[column] !== null)
      thing[column] = thing[column] === 1 || thing[column] === true;
  return thing;
}

/** Whether rows are held against their schema when they are read: everywhere but in what is built. */
export const PROVES = process.env.NODE_ENV !== 'production';

/** A whole row of a table as the record it keeps. */
function fromRow<Table extends TableName>(
  table: Table,
  row: Record<string, unknown>,
): RowOf<Table> {
  const thing = opened(table, row);
  if (PROVES) provenRow(table, thing);
  return thing as RowOf<Table>;
}

/**
 * Rows of a table that were not taken back, by equal columns; oldest first unless `order` says
 * otherwise.
 */
export async function list<Table extends TableName>(
  db: Knex,
  table: Table,
  where: Partial<RowOf<Table>> = {},
  order: keyof RowOf<Table> & string = 'recordedAt',
): Promise<RowOf<Table>[]> {
  const query = db(table)
    .where({ ...where, removedAt: null })
    .orderBy(order)
    .orderBy('rowid');
  return openRows(table, query);
}

/**
 * Rows that were not taken back of several things at once, by the column that names the thing: each
 * list as `list` would give it, an empty one where there is nothing. One query, however many.
 */
export async function listsOf<Table extends TableName, Of extends keyof RowOf<Table> & string>(
  db: Knex,
  table: Table,
  of: Of,
  ids: readonly string[],
  order: keyof RowOf<Table> & string = 'recordedAt',
): Promise<(id: string) => RowOf<Table>[]> {
  const query = db(table)
    .whereIn(of, [...ids])
    .where({ removedAt: null })
    .orderBy(order)
    .orderBy('rowid');
  return groupedBy(await openRows(table, query), (row) => row[of] as string);
}

/** Things by what they belong to, in their order; an empty list where there is none. */
export function groupedBy<Thing>(
  things: readonly Thing[],
  of: (thing: Thing) => string,
): (id: string) => Thing[] {
  const groups = new Map<string, Thing[]>();
  for (const thing of things) {
    const group = groups.get(of(thing));
    if (group) group.push(thing);
    else groups.set(of(thing), [thing]);
  }
  return (id) => groups.get(id) ?? [];
}

/** Whole rows of a table, as a query of it finds them. */
export async function openRows<Table extends TableName>(
  table: Table,
  query: Knex.QueryBuilder,
): Promise<RowOf<Table>[]> {
  const rows: Record<string, unknown>[] = await query;
  return rows.map((row) => fromRow(table, row));
}

/** The first whole row that a query of a table finds, or null. */
export async function openRow<Table extends TableName>(
  table: Table,
  query: Knex.QueryBuilder,
): Promise<RowOf<Table> | null> {
  const [row] = await openRows(table, query.limit(1));
  return row ?? null;
}

/** One row, or a 404 that names what was looked for. */
export async function find<Table extends TableName>(
  db: Knex,
  table: Table,
  id: string,
  what: Noun,
): Promise<RowOf<Table>> {
  const row = await openRow(table, db(table).where({ id, removedAt: null }));
  if (!row) throw notFound(what);
  return row;
}
