import { createHash } from 'node:crypto';
import { createReadStream, existsSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { join } from 'node:path';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import type { Knex } from 'knex';
import { NOTHING } from './cells.js';
import { archiveTables, migrationNames, tableCsv, type Table } from './tables.js';

/** Version of the archive's own layout. */
export const ARCHIVE_FORMAT = 1;
const breathe = (): Promise<void> => new Promise((done) => setImmediate(done));

const README = `This is the archive of a Furrow household: a data package (datapackage.json) with a table for each CSV file in data/
and its pictures in photos/. Cells that hold nothing read \\N; a cell that would run as a formula has an apostrophe
before it. Columns named "g" or ending in G are grams, those ending in Mm millimetres, in C degrees Celsius; instants
are UTC, dates are the place's own. Flows are the book: a flow with "voids" cancels the named one.
`;

function schemaOf(table: Table, names: ReadonlyMap<string, string>): Record<string, unknown> {
  return {
    fields: table.columns.map((c) => ({
      name: c.name,
      type: c.type,
      ...(c.required ? { constraints: { required: true } } : {}),
    })),
    primaryKey: table.key,
    missingValues: [NOTHING],
    ...(table.foreign.length
      ? {
          foreignKeys: table.foreign.map((f) => ({
            fields: f.column,
            reference: {
              resource: f.table === table.name ? '' : names.get(f.table)!,
              fields: f.to,
            },
          })),
        }
      : {}),
  };
}

/**
 * Writes the whole household as one archive to `file`: a data package with a CSV per table and its schema, pictures
 * beside. Table by table and in pieces, so that the server goes on answering; `onShare` hears 0 to 1.
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
  let failed: Error | null = null;
  const zip = new Zip((error, data) => {
    if (error) failed = error;
    else writing = writing.then(() => out.write(data)).then(() => void (bytes += data.length));
  });
  const counts = new Map<string, number>();
  for (const t of tables)
    counts.set(t.name, Number(((await db(t.name).count('* as n').first()) as { n: number }).n));
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
        await breathe();
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
        bytes: size,
        hash: `sha256:${hash.digest('hex')}`,
        rows: counts.get(table.name),
        schema: schemaOf(table, names),
      });
    }
    for (const { sha256 } of (await db('photos').select('sha256').distinct()) as {
      sha256: string;
    }[]) {
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
    if (failed) throw failed;
    await out.sync();
  } finally {
    await out.close();
  }
  onShare(1);
  return { bytes, rows: done };
}
