import knexModule, { type Knex } from 'knex';
import { EmbeddedClient, type RawConnection } from './client.js';
import { migrationSource } from './migrations/index.js';
import { troubleText } from './trouble.js';
import { z } from 'zod';
import { columnOf } from './asked.js';

/** A file that a later version wrote is not touched: what it holds is not known here. */
async function refuseNewer(database: Knex): Promise<void> {
  if (!(await database.schema.hasTable('knex_migrations'))) return;
  const known = (await migrationSource.getMigrations([])).map((m) =>
    migrationSource.getMigrationName(m),
  );
  const newer = (await columnOf(z.string(), database('knex_migrations').pluck('name'))).find(
    (name) => !known.includes(name),
  );
  if (newer)
    throw new Error(
      'This file was written by a newer Furrow. Bring this one up to date first. Nothing was changed.',
    );
}

/**
 * Runs the migrations that are new. Where there are none nothing is written: a household whose disk
 * is full still opens.
 */
async function bringUpToDate(database: Knex): Promise<void> {
  const [, pending] = (await database.migrate.list()) as [unknown[], unknown[]];
  if (pending.length) await database.migrate.latest();
}

/**
 * Opens the database file with one connection (two would lose writes to each other) and brings it
 * up to date.
 */
export async function openDatabase(filename: string): Promise<Knex> {
  const database = knexModule({
    client: EmbeddedClient as unknown as typeof Knex.Client,
    connection: { filename },
    useNullAsDefault: true,
    acquireConnectionTimeout: 10_000,
    pool: {
      min: 1,
      max: 1,
      afterCreate(
        connection: RawConnection,
        done: (error: Error | null, connection: RawConnection) => void,
      ) {
        connection.exec(
          'PRAGMA busy_timeout=5000; PRAGMA journal_mode=WAL; PRAGMA foreign_keys=ON; PRAGMA synchronous=FULL',
        );
        done(null, connection);
      },
    },
    migrations: { migrationSource },
  });
  try {
    await refuseNewer(database);
    await bringUpToDate(database);
  } catch (error) {
    await database.destroy();
    throw error;
  }
  return database;
}

/** The file that a database was opened from. */
export const fileOf = (database: Knex): string =>
  (database.client as { config: { connection: { filename: string } } }).config.connection.filename;

/**
 * Closes it with everything in the one file.
 *
 * @throws Where the disk has no room for that.
 */
export async function closeDatabase(database: Knex): Promise<void> {
  await database.raw('PRAGMA wal_checkpoint(TRUNCATE)');
  await database.destroy();
}

/**
 * Closes it when the server stops, whatever the disk says. Where there is no room to bring
 * everything into the one file, what was written last stays in the file beside it and is read from
 * there at the next start: nothing of it is lost.
 */
export async function letGo(database: Knex): Promise<void> {
  try {
    await closeDatabase(database);
  } catch (error) {
    console.error(
      `What was written last stays in furrow.db-wal beside furrow.db: ${troubleText(error)}. Keep both together; nothing is lost.`,
    );
    await database.destroy();
  }
}
