import type { Knex } from 'knex';

/**
 * Numbers of jars that a device took along, for what it fills out of reach of the house: nobody
 * else is given them. Of this machine alone: an archive leaves them out.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('takenNumbers', (t) => {
    t.text('code').primary();
    t.text('batchCode').notNullable();
    t.text('batchId').notNullable().references('id').inTable('batches');
    t.text('device').notNullable();
    t.text('takenAt').notNullable();
  });
  await knex.raw('CREATE INDEX takenNumbersOfBatch ON takenNumbers(batchId)');
  await knex.raw('PRAGMA user_version = 18');
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('takenNumbers');
  await knex.raw('PRAGMA user_version = 17');
}
