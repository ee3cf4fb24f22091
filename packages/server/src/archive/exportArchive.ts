import { entryOf } from '@furrow/core';
import { createHash } from 'node:crypto';
import { createReadStream, existsSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { join } from 'node:path';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import type { Knex } from 'knex';
import { NOTHING } from './cells.js';
import { columnKind, unitOf, type ColumnKind } from '../store/columnKinds.js';
import { jsonTypeOf } from '../store/rowShapes.js';
import { ARCHIVE_FORMAT } from './format.js';
import { archiveTables, migrationNames, tableCsv, type Column, type Table } from './tables.js';
import { z } from 'zod';
import { rowsOf, sumsOf } from '../store/asked.js';

const README = `This is the archive of a Furrow household: a data package (datapackage.json) with a table for each CSV file in data/
and its pictures in photos/. Cells that hold nothing read \\N; a cell that would run as a formula has an apostrophe
before it. Columns named "g" or ending in G are grams, those ending in Mm millimetres, in C degrees Celsius; instants
are UTC, dates are the place's own. Flows are the book: a flow with "voids" cancels the named one.
`;

/** How a column's kind is called by the format of the package. */
const TYPES: Record<ColumnKind, string> = {
  id: 'string',
  instant: 'datetime',
  date: 'date',
  flag: 'boolean',
  json: 'any',
  grams: 'integer',
  whole: 'integer',
  number: 'number',
  text: 'string',
};
const DESCRIPTIONS: Partial<Record<ColumnKind, string>> = {
  id: 'An id, the same in every table that names it.',
  instant: 'An instant in UTC.',
  date: "A day at the site's own place.",
  flag: '1 is yes, 0 is no.',
  json: 'JSON: a list or an object.',
  grams: 'Whole grams.',
};
/** A column's name as words: "grossG" is "Gross g", "occurredAt" is "Occurred at". */
const titleOf = (name: string): string => {
  const words = name.replace(/([a-z0-9])([A-Z])/g, '$1 $2').toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** A field with its true type, title, description and unit, whatever the database keeps it as. */
function fieldOf(table: string, column: Column): Record<string, unknown> {
  const kind = columnKind(table, column.name, column.type);
  const unit = unitOf(column.name, kind);
  const described = DESCRIPTIONS[kind] ?? (unit ? `In ${unit}.` : titleOf(column.name));
  return {
    name: column.name,
    type: kind === 'json' ? jsonTypeOf(table, column.name) : TYPES[kind],
    title: titleOf(column.name),
    description: described,
    ...(unit ? { unit } : {}),
    ...(kind === 'flag' ? { trueValues: ['1'], falseValues: ['0'] } : {}),
    // Instants carry milliseconds where they were written with them.
    ...(kind === 'instant' ? { format: 'any' } : {}),
    ...(column.required ? { constraints: { required: true } } : {}),
  };
}

function schemaOf(table: Table, names: ReadonlyMap<string, string>): Record<string, unknown> {
  return {
    fields: table.columns.map((column) => fieldOf(table.name, column)),
    primaryKey: table.key,
    missingValues: [NOTHING],
    ...(table.foreign.length
      ? {
          foreignKeys: table.foreign.map((f) => ({
            fields: f.column,
            reference: {
              resource: f.table === table.name ? '' : entryOf(names, f.table),
              fields: f.to,
            },
          })),
        }
      : {}),
  };
}

/** How the tables are written: a reader need not guess it from quotes within a cell. */
const DIALECT = { delimiter: ',', quoteChar: '"', doubleQuote: true } as const;

/**
 * Writes the whole household as one archive to `file`: a data package with a CSV per table and its
 * schema, pictures beside. Table by table and in pieces, so that a large household needs little
 * memory; `onShare` hears 0 to 1.
 */
export async function exportArchive(
  db: Knex,
  photoFolder: string,
  file: string,
  now: Date,
  onShare: (share: number) => void = () => {},
): Promise<{ bytes: number; rows: number }> {
  const tables = await archiveTables(db);
  const names = new Map(tables.map((t) => [t.name, t.resource]));
  const out = await open(file, 'w');
  let bytes = 0;
  let writing: Promise<unknown> = Promise.resolve();
  const broke: { by: Error | null } = { by: null };
  const zip = new Zip((error, data) => {
    if (error) broke.by = error;
    else writing = writing.then(() => out.write(data)).then(() => void (bytes += data.length));
  });
  const counts = new Map<string, number>();
  for (const t of tables)
    counts.set(
      t.name,
      Number((await sumsOf({ n: z.number() }, db(t.name).count('* as n').first())).n),
    );
  const total = [...counts.values()].reduce((a, b) => a + b, 1);
  let done = 0;
  const resources: Record<string, unknown>[] = [];
  try {
    for (const table of tables) {
      const path = `data/${table.resource}.csv`;
      const entry = new ZipDeflate(path, { level: 4 });
      zip.add(entry);
      const hash = createHash('sha256');
      let size = 0;
      const push = (text: string): void => {
        const part = Buffer.from(text, 'utf8');
        hash.update(part);
        size += part.length;
        entry.push(part);
      };
      for await (const { text, rows } of tableCsv(db, table)) {
        push(text);
        done += rows;
        onShare((done / total) * 0.9);
        await writing;
      }
      entry.push(new Uint8Array(), true);
      resources.push({
        name: table.resource,
        title: table.name,
        path,
        profile: 'tabular-data-resource',
        format: 'csv',
        mediatype: 'text/csv',
        encoding: 'utf-8',
        dialect: DIALECT,
        bytes: size,
        hash: `sha256:${hash.digest('hex')}`,
        rows: counts.get(table.name),
        schema: schemaOf(table, names),
      });
    }
    for (const { sha256 } of await rowsOf(
      { sha256: z.string() },
      db('photos').select('sha256').distinct(),
    )) {
      const picture = join(photoFolder, `${sha256}.jpg`);
      if (!existsSync(picture)) continue;
      const entry = new ZipPassThrough(`photos/${sha256}.jpg`);
      zip.add(entry);
      for await (const part of createReadStream(picture)) {
        entry.push(part as Uint8Array);
        await writing;
      }
      entry.push(new Uint8Array(), true);
      resources.push({
        name: `photo-${sha256}`,
        path: `photos/${sha256}.jpg`,
        format: 'jpg',
        mediatype: 'image/jpeg',
        hash: `sha256:${sha256}`,
      });
    }
    const add = (name: string, text: string): void => {
      const entry = new ZipDeflate(name, { level: 6 });
      zip.add(entry);
      entry.push(Buffer.from(text, 'utf8'), true);
    };
    add('README.txt', README);
    add(
      'datapackage.json',
      JSON.stringify(
        {
          name: 'furrow-household',
          title: 'Furrow household',
          profile: 'data-package',
          created: now.toISOString(),
          furrow: { format: ARCHIVE_FORMAT, migrations: await migrationNames(db) },
          resources,
        },
        null,
        1,
      ),
    );
    zip.end();
    await writing;
    if (broke.by) throw broke.by;
    await out.sync();
  } finally {
    await out.close();
  }
  onShare(1);
  return { bytes, rows: done };
}
