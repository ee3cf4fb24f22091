import type { Knex } from 'knex';

const COLUMNS = ['grossG', 'tareG', 'shares', 'sharedBy'];

/**
 * A vessel under several frames is weighed as one thing, and its honey shared out over them; how the
 * weight of a comb was got is kept.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('frameEvents', (t) => {
    t.integer('grossG');
    t.integer('tareG');
    t.text('shares');
    t.text('sharedBy');
  });
  await knex.schema.alterTable('takes', (t) => t.text('netBy').notNullable().defaultTo('scale'));
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE takes DROP COLUMN "netBy"');
  for (const column of COLUMNS) await knex.raw(`ALTER TABLE frameEvents DROP COLUMN "${column}"`);
}
