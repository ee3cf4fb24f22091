import type { Knex } from 'knex';

/** The second language of a label; null where it speaks one. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('labelDesigns', (t) => {
    t.text('secondLanguage');
  });
  await knex.raw('PRAGMA user_version = 15');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE labelDesigns DROP COLUMN "secondLanguage"');
  await knex.raw('PRAGMA user_version = 14');
}
