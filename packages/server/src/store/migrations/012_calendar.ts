import type { Knex } from 'knex';

/**
 * Addresses that a calendar subscribes to, each by the hash of its secret, and the steps that were
 * given to calendars, so that one that is dropped can be cancelled there.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('calendarLinks', (t) => {
    t.text('id').primary();
    t.text('tokenHash').notNullable().unique();
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  await knex.schema.createTable('calendarSteps', (t) => {
    t.text('uid').primary();
    t.text('harvestId').notNullable();
    t.text('startsAt').notNullable();
    t.text('endsAt').notNullable();
    t.text('summary').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('calendarSteps');
  await knex.schema.dropTable('calendarLinks');
}
