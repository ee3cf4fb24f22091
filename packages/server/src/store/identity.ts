import { endOf } from '@furrow/core';
import { isUtf8 } from 'node:buffer';
import knexModule, { type Knex } from 'knex';
import { EmbeddedClient } from './client.js';
import { z } from 'zod';
import { rowsOf } from './asked.js';

/** "Frrw" in four letters, as SQLite keeps an application's mark in the head of its file. */
export const APPLICATION_ID = 0x46727277;

/**
 * Tables that stood in a household's file since the first version of Furrow; no other program has
 * all of them.
 */
const FIRST_TABLES = [
  'sites',
  'hives',
  'colonies',
  'carriers',
  'batches',
  'lots',
  'flows',
  'commands',
];

/**
 * Whether a database file is a household of Furrow, told without changing anything in it: by its
 * mark, or, where it is from before files were marked, by its tables. Takes the path of a file that
 * SQLite can open; throws what the driver throws where it cannot.
 */
export async function isHousehold(filename: string): Promise<boolean> {
  const db = openAsItIs(filename);
  try {
    const [{ application_id: mark }] = await rowsOf(
      { application_id: z.number() },
      db.raw('PRAGMA application_id'),
    );
    if (mark !== 0 && mark !== APPLICATION_ID) return false;
    if (!(await areTexts(db, 'sqlite_master', ['name', 'sql']))) return false;
    const tables = (
      await rowsOf(
        { name: z.string() },
        db.raw("SELECT name FROM sqlite_master WHERE type = 'table'"),
      )
    ).map((t) => t.name);
    return FIRST_TABLES.every((name) => tables.includes(name));
  } finally {
    await db.destroy();
  }
}

/** Opens a file as it is: nothing is migrated, no journal mode is changed. */
export function openAsItIs(filename: string): Knex {
  return knexModule({
    client: EmbeddedClient as unknown as typeof Knex.Client,
    connection: { filename },
    useNullAsDefault: true,
    pool: { min: 1, max: 1 },
  });
}

/** Rows looked at in one go: a large household needs little memory for it. */
const ROWS_AT_ONCE = 500;
const quoted = (name: string): string => `"${name.replaceAll('"', '""')}"`;

/** Whether all bytes of some expressions, read as they lie, are text; row after row. */
async function areTexts(db: Knex, from: string, columns: readonly string[]): Promise<boolean> {
  const asBytes = columns.map((c, i) => `CAST(${c} AS BLOB) AS c${i}`).join(', ');
  let after = 0;
  for (;;) {
    const rows: ({ at: number } & Record<string, Uint8Array | null>)[] = await db.raw(
      `SELECT rowid AS at, ${asBytes} FROM ${from} WHERE rowid > ? ORDER BY rowid LIMIT ?`,
      [after, ROWS_AT_ONCE],
    );
    for (const { at: _at, ...cells } of rows)
      if (Object.values(cells).some((bytes) => bytes !== null && !isUtf8(bytes))) return false;
    if (rows.length < ROWS_AT_ONCE) return true;
    after = endOf(rows).at;
  }
}

/**
 * Whether every text of a database is text. A damaged byte within one breaks no page, so SQLite's
 * own check does not see it, and reading it as text ends the process: the driver cannot say no. So
 * all is read as bytes here, its schema first.
 */
async function textsFit(db: Knex): Promise<boolean> {
  if (!(await areTexts(db, 'sqlite_master', ['name', 'sql']))) return false;
  const tables = await rowsOf(
    { name: z.string() },
    db.raw("SELECT name FROM sqlite_master WHERE type = 'table'"),
  );
  for (const { name } of tables) {
    const columns = await rowsOf(
      { name: z.string() },
      db.raw(`PRAGMA table_info(${quoted(name)})`),
    );
    const named = columns.map((column) => quoted(column.name));
    if (!(await areTexts(db, quoted(name), named))) return false;
  }
  return true;
}

/**
 * Whether the pages of a file fit together and every text in it is one, told without changing it.
 */
export async function pagesFit(file: string): Promise<boolean> {
  const db = openAsItIs(file);
  try {
    const [{ quick_check: said }] = await rowsOf(
      { quick_check: z.string() },
      db.raw('PRAGMA quick_check'),
    );
    return said === 'ok' && (await textsFit(db));
  } catch {
    return false;
  } finally {
    await db.destroy();
  }
}
