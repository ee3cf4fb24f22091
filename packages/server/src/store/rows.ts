import type { Knex } from 'knex';
import { notFound } from '../problem.js';

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
  for (const column of FLAGS[table] ?? [])
    if (typeof row[column] === 'boolean') row[column] = row[column] ? 1 : 0;
  return row;
}

export function fromRow<T>(table: string, row: Record<string, unknown>): T {
  const { removedAt: _removedAt, ...thing } = row;
  for (const column of JSON_COLUMNS[table] ?? [])
    if (typeof thing[column] === 'string') thing[column] = JSON.parse(thing[column] as string);
  for (const column of FLAGS[table] ?? [])
    if (column in thing && thing[column] !== null)
      thing[column] = thing[column] === 1 || thing[column] === true;
  return thing as T;
}

/**
 * Rows of a table that were not taken back, by equal columns; oldest first unless `order` says
 * otherwise.
 */
export async function list<T>(
  db: Knex,
  table: string,
  where: Record<string, unknown> = {},
  order = 'recordedAt',
): Promise<T[]> {
  const rows = (await db(table)
    .where({ ...where, removedAt: null })
    .orderBy(order)
    .orderBy('rowid')) as Record<string, unknown>[];
  return rows.map((row) => fromRow<T>(table, row));
}

/** One row, or a 404 that names what was looked for. */
export async function find<T>(db: Knex, table: string, id: string, what: string): Promise<T> {
  const row = (await db(table).where({ id, removedAt: null }).first()) as
    Record<string, unknown> | undefined;
  if (!row) throw notFound(what);
  return fromRow<T>(table, row);
}
