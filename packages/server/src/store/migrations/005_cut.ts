import type { Knex } from 'knex';

/** Pots counted as they are emptied, and the board under the knife. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('takes', (t) => t.integer('potsEmptied'));
}

export async function down(knex: Knex): Promise<void> {
  for (const [table, column] of [['takes', 'potsEmptied']]) await knex.raw(`ALTER TABLE ${table} DROP COLUMN "${column}"`);
}
