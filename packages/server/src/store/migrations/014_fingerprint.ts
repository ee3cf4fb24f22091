import type { Knex } from 'knex';

/**
 * What an entry was, by its route, target and content: its id means this and nothing else. Null for
 * entries from before.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('commands', (t) => {
    t.text('fingerprint');
  });
  await knex.raw('PRAGMA user_version = 14');
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('commands', (t) => {
    t.dropColumn('fingerprint');
  });
  await knex.raw('PRAGMA user_version = 13');
}
