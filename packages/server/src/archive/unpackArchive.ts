import { houseSay } from '@furrow/words';
import { entryOf, type Say } from '@furrow/core';
import { createHash } from 'node:crypto';
import { closeSync, mkdirSync, openSync, readFileSync, writeFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { unzipSync } from 'fflate';
import Papa from 'papaparse';
import { refused } from '../problem.js';
import { columnKind } from '../store/columnKinds.js';
import { faultOf } from '../store/rowShapes.js';
import { fromCell } from './cells.js';
import { ARCHIVE_FORMAT } from './format.js';
import type { Column, Table } from './tables.js';

/** Unpacked at most so many bytes: ten years of a large household are a tenth of it. */
const UNPACKED_MAX = 2 * 1024 ** 3;
/**
 * And a single table: a zip that blows up is stopped by what it says before a byte is unpacked, and
 * by its hash after.
 */
const TABLE_MAX = 512 * 1024 ** 2;
/** No table of a household packs tighter than this; below a megabyte nothing is asked. */
const TIGHTEST = 200;
const UNASKED_BYTES = 1024 ** 2;
/** Rows of one table at most: a hundred years of a large household are a tenth of it. */
const ROWS_MAX = 1_000_000;
/** Rows that are written to the folder at once. */
const LINES_AT_ONCE = 500;
const NAMES = /^(datapackage\.json|README\.txt|data\/[a-z0-9-]+\.csv|photos\/[0-9a-f]{64}\.jpg)$/;

export type Cell = string | number | null;
export interface ArchiveRow {
  line: number;
  values: Record<string, Cell>;
}
interface Resource {
  name: string;
  path: string;
  hash?: string;
  rows?: number;
}
export interface UnpackOrder {
  /** The zip, and the folder its tables and pictures are laid into, which does not exist yet. */
  file: string;
  folder: string;
  /** The tables and migrations that are known here. */
  tables: Table[];
  migrations: string[];
}
/**
 * What lies in the folder: `TABLE.ndjson`, a row a line, for each table named; `photos/SHA.jpg`.
 */
export interface Unpacked {
  created: string;
  tables: string[];
  photos: string[];
}

/** One file of the zip, unpacked. */
function unpack(zip: Uint8Array, name: string): Uint8Array | null {
  try {
    return unzipSync(zip, { filter: (f) => f.name === name })[name] ?? null;
  } catch {
    throw refused(houseSay('refusal.this-archive-cut-off-or'), 'archive');
  }
}

/** What the archive says of itself, and the pictures in it. */
interface About {
  created: string;
  resources: Resource[];
  photos: string[];
}

/**
 * Checks what can be checked before a row is looked at: whole, not blown up, nothing outside its
 * folder, of this version or an older one. Throws a sentence; takes the zip's bytes and the
 * migrations known here.
 */
function openZip(zip: Uint8Array, knownMigrations: readonly string[]): About {
  const names: string[] = [];
  let unpacked = 0;
  try {
    unzipSync(zip, {
      filter: (f) => {
        names.push(f.name);
        unpacked += f.originalSize;
        if (f.name.endsWith('.csv') && f.originalSize > TABLE_MAX) unpacked = Infinity;
        if (f.originalSize > UNASKED_BYTES && f.originalSize > f.size * TIGHTEST)
          unpacked = Infinity;
        return false;
      },
    });
  } catch {
    throw refused(houseSay('refusal.this-no-zip-or-it'), 'archive');
  }
  if (unpacked > UNPACKED_MAX)
    throw refused(houseSay('refusal.unpacked-this-would-be-far'), 'archive');
  const strange = names.find((n) => !n.endsWith('/') && !NAMES.test(n));
  if (strange !== undefined)
    throw refused(
      houseSay('refusal.does-not-belong-into-archive', { strange: strange.slice(0, 80) }),
      'archive',
    );
  const text = unpack(zip, 'datapackage.json');
  if (!text) throw refused(houseSay('refusal.there-no-datapackage-json-in'), 'archive');
  let about: {
    created?: string;
    furrow?: { format?: number; migrations?: string[] };
    resources?: Resource[];
  };
  try {
    about = JSON.parse(Buffer.from(text).toString('utf8')) as typeof about;
  } catch {
    throw refused(houseSay('refusal.its-datapackage-json-cannot-be'), 'archive');
  }
  if (!about.furrow || !Array.isArray(about.resources))
    throw refused(houseSay('refusal.this-data-package-was-not'), 'archive');
  if (
    (about.furrow.format ?? 0) > ARCHIVE_FORMAT ||
    (about.furrow.migrations ?? []).some((m) => !knownMigrations.includes(m))
  )
    throw refused(houseSay('refusal.this-archive-was-written-by'), 'archive');
  const photos = names
    .filter((n) => n.startsWith('photos/') && n.endsWith('.jpg'))
    .map((n) => n.slice(7, -4));
  return { created: about.created ?? '', resources: about.resources, photos };
}

const hashOf = (data: Uint8Array): string => createHash('sha256').update(data).digest('hex');

/**
 * Every row passes what a person's entry would have to pass; throws with file, row and column where
 * one does not.
 */
function checkRows(table: Table, rows: readonly ArchiveRow[]): void {
  const columns = table.columns.map(({ name, type }) => ({
    name,
    kind: columnKind(table.name, name, type),
  }));
  for (const { line, values } of rows) {
    const fault = faultOf(table.name, columns, values);
    if (fault)
      throw refused(
        houseSay('refusal.row-column-csv-nothing-was', {
          line,
          column: fault.column,
          resource: table.resource,
          says: fault.says,
        }),
        `${table.resource}.csv:${line}:${fault.column}`,
      );
  }
}

/**
 * Lays the rows of a table into a file, a row a line, so that they can be read back a few at a
 * time.
 */
function layRows(file: string, rows: readonly ArchiveRow[]): void {
  const out = openSync(file, 'wx');
  try {
    for (let i = 0; i < rows.length; i += LINES_AT_ONCE) {
      const part = rows.slice(i, i + LINES_AT_ONCE);
      const text = Buffer.from(part.map((row) => `${JSON.stringify(row)}\n`).join(''));
      // A write may take fewer bytes than it was given.
      for (let at = 0; at < text.length;) at += writeSync(out, text, at);
    }
  } finally {
    closeSync(out);
  }
}

/** The rows of a table as the archive has them, each checked; null where it has no such table. */
function rowsOf(
  zip: Uint8Array,
  table: Table,
  resources: readonly Resource[],
): ArchiveRow[] | null {
  const resource = resources.find((r) => r.path === `data/${table.resource}.csv`);
  if (!resource) return null;
  const data = unpack(zip, resource.path);
  if (!data)
    throw refused(
      houseSay('refusal.missing-nothing-was-changed', { path: resource.path }),
      resource.path,
    );
  const intact = resource.hash === `sha256:${hashOf(data)}`;
  const rows = readTable(table, Buffer.from(data).toString('utf8'), intact);
  checkRows(table, rows);
  return rows;
}

/**
 * Unpacks an archive into a folder, everything in it read and checked: each table by its columns
 * and the schemas of a person's entries, each picture by its hash. Throws a sentence with file, row
 * and column; what was laid down until then is the caller's to remove. Runs in a thread: see
 * `heavy/`.
 */
export function unpackArchive(
  { file, folder, tables, migrations }: UnpackOrder,
  onShare: (share: number) => void = () => {},
): Unpacked {
  const zip = readFileSync(file);
  const { created, resources, photos } = openZip(zip, migrations);
  mkdirSync(join(folder, 'photos'), { recursive: true });
  const steps = tables.length + photos.length;
  let done = 0;
  const laid: string[] = [];
  for (const table of tables) {
    const rows = rowsOf(zip, table, resources);
    if (rows) {
      layRows(join(folder, `${table.resource}.ndjson`), rows);
      laid.push(table.name);
    }
    onShare(++done / steps);
  }
  for (const sha256 of photos) {
    const data = unpack(zip, `photos/${sha256}.jpg`);
    if (!data || hashOf(data) !== sha256)
      throw refused(houseSay('refusal.picture-in-it-damaged-nothing'), 'archive');
    writeFileSync(join(folder, 'photos', `${sha256}.jpg`), data);
    onShare(++done / steps);
  }
  return { created, tables: laid, photos };
}

/**
 * Rows of a CSV by the table's own columns; a column that came later takes its fallback.
 *
 * @throws With row and column.
 */
function readTable(table: Table, csv: string, intact: boolean): ArchiveRow[] {
  const file = `${table.resource}.csv`;
  const { data, errors } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), {
    delimiter: ',',
    skipEmptyLines: 'greedy',
    // One more than may come, so that too many are seen without all being read.
    preview: ROWS_MAX + 2,
  });
  const bad = errors.find((e) => e.type === 'Quotes' || e.code === 'UndetectableDelimiter');
  if (bad)
    throw refused(
      houseSay('refusal.row-cannot-be-read-quotation', { row: (bad.row ?? 0) + 1, file }),
      file,
    );
  if (data.length > ROWS_MAX + 1)
    throw refused(houseSay('refusal.has-more-than-rows-more', { file, most: ROWS_MAX }), file);
  const [head, ...rows] = data;
  if (!head) throw refused(houseSay('refusal.empty-nothing-was-changed', { file }), file);
  const unknown = head.find((h) => !table.columns.some((c) => c.name === h));
  if (unknown !== undefined)
    throw refused(
      houseSay('refusal.has-column-that-not-known', { file, unknown: unknown.slice(0, 60) }),
      file,
    );
  const missing = table.columns.find(
    (c) => !head.includes(c.name) && c.required && c.fallback === null,
  );
  if (missing)
    throw refused(
      houseSay('refusal.has-no-column-nothing-was', { file, missing: missing.name }),
      file,
    );
  const at = new Map(head.map((name, i) => [name, i]));
  const found = rows.map((row, i): ArchiveRow => {
    const line = i + 2;
    if (row.length !== head.length)
      throw refused(
        houseSay('refusal.row-has-cells-its-head', {
          line,
          file,
          row: row.length,
          head: head.length,
        }),
        file,
      );
    const values: Record<string, Cell> = {};
    for (const column of table.columns)
      values[column.name] = at.has(column.name)
        ? valueOf(column, fromCell(row[entryOf(at, column.name)] ?? ''), file, line)
        : valueOf(column, column.fallback, file, line);
    return { line, values };
  });
  // Rows that read well but are not what was written: somebody changed them, or a part is gone.
  if (!intact)
    throw refused(houseSay('refusal.not-as-it-was-written', { file, rows: rows.length + 1 }), file);
  return found;
}

function valueOf(column: Column, text: string | null, file: string, line: number): Cell {
  const no = (what: Say): Error =>
    refused(
      houseSay('refusal.row-column-nothing-was-changed', {
        line,
        column: column.name,
        file,
        what,
      }),
      `${file}:${line}:${column.name}`,
    );
  if (text === null) {
    if (column.required) throw no(houseSay('refusal.nothing-stands-there'));
    return null;
  }
  if (column.type === 'string') return text;
  const number = Number(text);
  if (text.trim() === '' || !Number.isFinite(number))
    throw no(houseSay('refusal.no-number', { text: text.slice(0, 40) }));
  if (column.type === 'integer' && !Number.isInteger(number))
    throw no(houseSay('refusal.no-whole-number', { text: text.slice(0, 40) }));
  return number;
}
