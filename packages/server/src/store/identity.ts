import knexModule, { type Knex } from 'knex';
import { EmbeddedClient } from './client.js';

/** "Frrw" in four letters, as SQLite keeps an application's mark in the head of its file. */
export const APPLICATION_ID = 0x46727277;

/** Tables that stood in a household's file since the first version of Furrow; no other program has all of them. */
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
 * Whether a database file is a household of Furrow, told without changing anything in it: by its mark,
 * or, where it is from before files were marked, by its tables. Takes the path of a file that SQLite can
 * open; throws what the driver throws where it cannot.
 */
export async function isHousehold(filename: string): Promise<boolean> {
  const db = openAsItIs(filename);
  try {
    const [{ application_id: mark }] = (await db.raw('PRAGMA application_id')) as {
      application_id: number;
    }[];
    if (mark !== 0 && mark !== APPLICATION_ID) return false;
    const tables = (
      (await db.raw("SELECT name FROM sqlite_master WHERE type = 'table'")) as { name: string }[]
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

/** Whether the pages of a file fit together, told without changing it. */
export async function pagesFit(file: string): Promise<boolean> {
  const db = openAsItIs(file);
  try {
    const [{ quick_check: said }] = (await db.raw('PRAGMA quick_check')) as {
      quick_check: string;
    }[];
    return said === 'ok';
  } catch {
    return false;
  } finally {
    await db.destroy();
  }
}
