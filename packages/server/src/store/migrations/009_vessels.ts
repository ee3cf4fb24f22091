import type { Knex } from 'knex';
import { kept } from './kept.js';

const COLUMNS = ['grossG', 'tareG', 'shares', 'sharedBy'];

/**
 * A vessel under several frames is weighed as one thing, and its honey shared out over them; how
 * the
 * weight of a comb was got is kept. Water may be measured at the bench without a drain.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('frameEvents', (t) => {
    t.integer('grossG');
    t.integer('tareG');
    t.text('shares');
    t.text('sharedBy');
  });
  await knex.schema.alterTable('drainEvents', (t) => {
    t.integer('grossG');
    t.integer('tareG');
  });
  await kept(knex, 'waterReadings', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('reading').notNullable();
    t.float('moisturePercent').notNullable();
    t.text('occurredAt').notNullable();
  });
  await knex.raw('CREATE INDEX waterOfBatch ON waterReadings(batchId, occurredAt)');
  await knex.schema.alterTable('takes', (t) => t.text('netBy').notNullable().defaultTo('scale'));
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('waterReadings');
  for (const column of ['grossG', 'tareG'])
    await knex.raw(`ALTER TABLE drainEvents DROP COLUMN "${column}"`);
  await knex.raw('ALTER TABLE takes DROP COLUMN "netBy"');
  for (const column of COLUMNS) await knex.raw(`ALTER TABLE frameEvents DROP COLUMN "${column}"`);
}
