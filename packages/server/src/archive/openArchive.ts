import { createReadStream, rmSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import type { Knex } from 'knex';
import { inThread } from '../heavy/pool.js';
import { archiveTables, migrationNames, type Table } from './tables.js';
import type { ArchiveRow } from './unpackArchive.js';

/** An archive that was unpacked and checked, lying in a folder beside its zip. */
export interface Archive {
  created: string;
  /** Rows of a table as it was written, or null where the archive has none. */
  rows: (table: Table) => Promise<ArchiveRow[] | null>;
  photos: string[];
  /** Where a picture of it lies. */
  photo: (sha256: string) => string;
}

/** The largest archive of a household is unpacked in a tenth of this. */
const MOST_MS = 10 * 60_000;

/** Reads along the file, so that the server goes on answering meanwhile. */
async function readRows(file: string): Promise<ArchiveRow[]> {
  const rows: ArchiveRow[] = [];
  for await (const line of createInterface({ input: createReadStream(file) }))
    rows.push(JSON.parse(line) as ArchiveRow);
  return rows;
}

/**
 * Unpacks an archive in a thread of its own and opens what was found. Takes the database it may
 * come into, its zip and the folder to unpack into. Throws a sentence with file, row and column;
 * the folder is gone then.
 */
export async function openArchive(
  db: Knex,
  file: string,
  folder: string,
  onShare: (share: number) => void = () => {},
): Promise<Archive> {
  rmSync(folder, { recursive: true, force: true });
  const order = {
    file,
    folder,
    tables: await archiveTables(db),
    migrations: await migrationNames(db),
  };
  try {
    const unpacked = await inThread('unpackArchive', [order], { mostMs: MOST_MS, onShare });
    return {
      created: unpacked.created,
      photos: unpacked.photos,
      photo: (sha256) => join(folder, 'photos', `${sha256}.jpg`),
      rows: async (table) =>
        unpacked.tables.includes(table.name)
          ? readRows(join(folder, `${table.resource}.ndjson`))
          : null,
    };
  } catch (error) {
    rmSync(folder, { recursive: true, force: true });
    throw error;
  }
}
