import { codeOf } from './thrown.js';
import { createRequire } from 'node:module';
import type { MeetsDamage } from './damage.js';
import { watchOf } from './tableWatch.js';
import { isDamage } from './trouble.js';

const require = createRequire(import.meta.url);
const Base = require('knex/lib/dialects/better-sqlite3/index.js') as new (
  ...args: unknown[]
) => Record<string, (...args: never[]) => unknown>;

export interface RawConnection {
  exec: (sql: string) => void;
  __knex__disposed?: unknown;
}

/**
 * A full disk takes a transaction back by itself; that there is none left to take back is no error
 * then, and must not stand in the place of what was one.
 */
const isRolledBack = (sql: string, error: unknown): boolean =>
  /^rollback/i.test(sql) && /no transaction is active/.test((error as Error).message);

/**
 * Knex over the embedded driver. Three overrides, each kept honest by a test: a BUSY connection is
 * thrown away and a failed COMMIT rolled back (else acknowledged writes are lost), whole numbers
 * are bound as integers, and blobs come back as Buffers. A damaged page that was met is remembered,
 * and which tables each statement writes and reads is noted.
 */
export class EmbeddedClient extends Base {
  _driver(): unknown {
    return require('libsql');
  }
  async _query(connection: RawConnection, query: { sql: string }): Promise<unknown> {
    watchOf(this as unknown as { config: object }).note(query.sql);
    try {
      return await (super._query as (c: unknown, q: unknown) => Promise<unknown>)(
        connection,
        query,
      );
    } catch (error) {
      if (isRolledBack(query.sql, error)) return Object.assign(query, { response: [] });
      if (isDamage(error)) (this as MeetsDamage).damaged = true;
      if (/^commit/i.test(query.sql)) {
        try {
          connection.exec('ROLLBACK');
        } catch {
          // The transaction was closed by the failure itself.
        }
        // Its COMMIT statement stays unfinished and would hold locks: a new connection takes over.
        connection.__knex__disposed = error;
      }
      if (codeOf(error).startsWith('SQLITE_BUSY')) connection.__knex__disposed = error;
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
      const rows: (Record<string, unknown> | null)[] = query.response;
      for (const row of rows) {
        if (row === null || typeof row !== 'object') continue;
        for (const [key, value] of Object.entries(row))
          if (value instanceof ArrayBuffer) row[key] = Buffer.from(value);
      }
    }
    return (super.processResponse as (q: unknown, r: unknown) => unknown)(query, runner);
  }
}
