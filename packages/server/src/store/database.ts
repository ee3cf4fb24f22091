import { createRequire } from 'node:module';
import knexModule, { type Knex } from 'knex';
import { migrationSource } from './migrations/index.js';

const require = createRequire(import.meta.url);
const Base = require('knex/lib/dialects/better-sqlite3/index.js') as new (
  ...args: unknown[]
) => Record<string, (...args: never[]) => unknown>;

interface RawConnection {
  exec: (sql: string) => void;
  __knex__disposed?: unknown;
}

/**
 * Knex over the embedded driver. Three overrides, each kept honest by a test: a BUSY connection is thrown
 * away and a failed COMMIT rolled back (else acknowledged writes are lost), whole numbers are bound as
 * integers, and blobs come back as Buffers.
 */
class LibsqlClient extends Base {
  _driver(): unknown {
    return require('libsql');
  }
  async _query(connection: RawConnection, query: { sql: string }): Promise<unknown> {
    try {
      return await (super._query as (c: unknown, q: unknown) => Promise<unknown>)(
        connection,
        query,
      );
    } catch (error) {
      if (/^commit/i.test(query.sql)) {
        try {
          connection.exec('ROLLBACK');
        } catch {
          // The transaction was closed by the failure itself.
        }
        // Its COMMIT statement stays unfinished and would hold locks: a new connection takes over.
        connection.__knex__disposed = error;
      }
      if (String((error as { code?: string }).code).startsWith('SQLITE_BUSY'))
        connection.__knex__disposed = error;
      throw error;
    }
  }
  _formatBindings(bindings: unknown[]): unknown[] | undefined {
    const formatted = (super._formatBindings as (b: unknown) => unknown[] | undefined)(bindings);
    return formatted?.map((value) =>
      Number.isSafeInteger(value) ? BigInt(value as number) : value,
    );
  }
  processResponse(query: { response?: unknown }, runner: unknown): unknown {
    if (Array.isArray(query.response)) {
      for (const row of query.response) {
        if (row && typeof row === 'object')
          for (const key in row)
            if (row[key] instanceof ArrayBuffer) row[key] = Buffer.from(row[key]);
      }
    }
    return (super.processResponse as (q: unknown, r: unknown) => unknown)(query, runner);
  }
}

/** A file that a later version wrote is not touched: what it holds is not known here. */
async function refuseNewer(database: Knex): Promise<void> {
  if (!(await database.schema.hasTable('knex_migrations'))) return;
  const known = (await migrationSource.getMigrations([])).map((m) =>
    migrationSource.getMigrationName(m),
  );
  const newer = ((await database('knex_migrations').pluck('name')) as string[]).find(
    (name) => !known.includes(name),
  );
  if (newer)
    throw new Error(
      'This file was written by a newer Furrow. Bring this one up to date first. Nothing was changed.',
    );
}

/** Opens the database file with one connection (two would lose writes to each other) and brings it up to date. */
export async function openDatabase(filename: string): Promise<Knex> {
  const database = knexModule({
    client: LibsqlClient as unknown as typeof Knex.Client,
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
    await database.migrate.latest();
  } catch (error) {
    await database.destroy();
    throw error;
  }
  return database;
}

/** Closes it with everything in the one file. */
export async function closeDatabase(database: Knex): Promise<void> {
  await database.raw('PRAGMA wal_checkpoint(TRUNCATE)');
  await database.destroy();
}
