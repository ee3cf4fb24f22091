import { entryOf, firstOf, endOf } from '@furrow/core';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import { toCell } from './cells.js';
import { z } from 'zod';
import { columnOf, rowsOf } from '../store/asked.js';

export interface Column {
  name: string;
  type: 'integer' | 'number' | 'string';
  required: boolean;
  fallback: string | null;
}
export interface Table {
  name: string;
  resource: string;
  columns: Column[];
  key: string;
  foreign: { column: string; table: string; to: string }[];
  kept: boolean;
}

const kebab = (name: string): string => name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);
const TYPES: Record<string, Column['type']> = {
  integer: 'integer',
  boolean: 'integer',
  float: 'number',
  real: 'number',
};

/**
 * Secrets of calendars and what they were given, numbers that devices took along: of this machine
 * alone, never in an archive.
 */
const OF_THIS_MACHINE = new Set(['calendarLinks', 'calendarSteps', 'takenNumbers']);

/**
 * The tables of the household as the database itself describes them, each after those it refers to,
 * so that rows can be written in this order. What Knex keeps of migrations is left out.
 */
export async function archiveTables(db: Knex): Promise<Table[]> {
  const names = (
    await rowsOf(
      { name: z.string() },
      db.raw(
        "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'knex_%' AND name NOT LIKE 'sqlite_%' ORDER BY name",
      ),
    )
  )
    .map((r) => r.name)
    .filter((name) => !OF_THIS_MACHINE.has(name));
  const tables = new Map<string, Table>();
  for (const name of names) {
    const info = await rowsOf(
      {
        name: z.string(),
        type: z.string(),
        notnull: z.number(),
        dflt_value: z.string().nullable(),
        pk: z.number(),
      },
      db.raw(`PRAGMA table_info("${name}")`),
    );
    const foreign = (
      await rowsOf(
        { from: z.string(), table: z.string(), to: z.string() },
        db.raw(`PRAGMA foreign_key_list("${name}")`),
      )
    ).map((f) => ({ column: f.from, table: f.table, to: f.to }));
    const columns = info.map((c): Column => ({
      name: c.name,
      type: TYPES[c.type.toLowerCase().replace(/\(.*/, '')] ?? 'string',
      required: c.notnull === 1 || c.pk === 1,
      fallback: c.dflt_value === null ? null : c.dflt_value.replace(/^'(.*)'$/, '$1'),
    }));
    tables.set(name, {
      name,
      resource: kebab(name),
      columns,
      key: firstOf(info, (c) => c.pk === 1, 'key').name,
      foreign,
      kept: columns.some((c) => c.name === 'revision'),
    });
  }
  const ordered: Table[] = [];
  const visit = (table: Table): void => {
    if (ordered.includes(table)) return;
    for (const f of table.foreign) if (f.table !== table.name) visit(entryOf(tables, f.table));
    ordered.push(table);
  };
  for (const table of tables.values()) visit(table);
  return ordered;
}

/** Names of the migrations this database went through, in order. */
export async function migrationNames(db: Knex): Promise<string[]> {
  return (await columnOf(z.string(), db('knex_migrations').orderBy('id').pluck('name'))).map((n) =>
    n.replace(/\.\w+$/, ''),
  );
}

const ROWS_AT_ONCE = 2000;
/**
 * A table as CSV, its head first, then so many rows at a time, read along the rows' own order: text
 * and how many rows it holds.
 */
export async function* tableCsv(
  db: Knex,
  table: Table,
): AsyncGenerator<{ text: string; rows: number }> {
  const names = table.columns.map((c) => c.name);
  const line = (rows: string[][]): string => `${Papa.unparse(rows, { newline: '\n' })}\n`;
  yield { text: line([names]), rows: 0 };
  for (let last = 0; ;) {
    const rows: Record<string, unknown>[] = await db(table.name)
      .select(db.raw('rowid AS "_row"'), ...names)
      .where('rowid', '>', last)
      .orderBy('rowid')
      .limit(ROWS_AT_ONCE);
    if (!rows.length) return;
    yield { text: line(rows.map((r) => names.map((n) => toCell(r[n])))), rows: rows.length };
    last = Number(endOf(rows)._row);
  }
}
