import type { Knex } from 'knex';

/**
 * Tasks at a site, whether a colony's beginning was said or taken, pollen that came with pots,
 * minutes to crush, honey of the pot.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('sites', (t) => t.text('tasks').notNullable().defaultTo('[]'));
  await knex.schema.alterTable('colonies', (t) =>
    t.integer('startedAssumed').notNullable().defaultTo(0),
  );
  await knex.schema.alterTable('takes', (t) => t.integer('withPollen').notNullable().defaultTo(0));
  await knex.schema.alterTable('batches', (t) => t.text('lotName'));
  await knex.schema.alterTable('drains', (t) => {
    t.integer('crushMinutes');
    // Without a foreign key: a column that has one cannot be dropped again.
    t.text('potFromLotId');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE batches DROP COLUMN "lotName"');
  await knex.raw('ALTER TABLE drains DROP COLUMN "potFromLotId"');
  await knex.raw('ALTER TABLE drains DROP COLUMN "crushMinutes"');
  await knex.raw('ALTER TABLE takes DROP COLUMN "withPollen"');
  await knex.raw('ALTER TABLE colonies DROP COLUMN "startedAssumed"');
  await knex.raw('ALTER TABLE sites DROP COLUMN "tasks"');
}
