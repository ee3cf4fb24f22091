import type { Knex } from 'knex';
import type { TableName } from './tables.js';

/** Rows of a table that were not taken back, each beside the command that first wrote it. */
export const writtenRows = (db: Knex, table: TableName): Knex.QueryBuilder =>
  db(table)
    .join('journal', (on) =>
      on.on('journal.rowId', `${table}.id`).andOnVal('journal.tableName', table),
    )
    .join('commands', 'commands.id', 'journal.commandId')
    .whereNull('journal.before')
    .whereNull(`${table}.removedAt`);
