import type { Knex } from 'knex';

type Columns = (table: Knex.CreateTableBuilder) => void;

/**
 * Columns that every kept thing has: its id, how often it changed, when it was written, whether it
 * was taken back.
 */
export async function kept(knex: Knex, name: string, columns: Columns): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.text('id').primary();
    columns(table);
    table.integer('revision').notNullable();
    table.text('recordedAt').notNullable();
    table.text('removedAt');
  });
}
