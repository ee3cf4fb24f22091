import type { Knex } from 'knex';
import { kept } from './kept.js';

/**
 * Take step by step, frames drained by parts, and the bench: stacks, upper and lower weighings,
 * readings in a row.
 */
export async function up(knex: Knex): Promise<void> {
  await kept(knex, 'stepMarks', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('stepId').notNullable();
    t.text('answer').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'incidents', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('kind').notNullable();
    t.text('stepId').notNullable();
    t.text('combId').references('combs.id');
    t.integer('count');
    t.text('note').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'frameEvents', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('combId').notNullable().references('combs.id');
    t.text('kind').notNullable();
    t.integer('g');
    t.text('vesselId').references('vessels.id');
    t.text('note').notNullable();
    t.text('occurredAt').notNullable();
  });
  // Readings that came in a row, a row of the table for each row sent; they stay out of the book.
  await kept(knex, 'readings', (t) => {
    t.text('drainId').notNullable().references('drains.id');
    t.text('instrument').notNullable();
    t.integer('tareG').notNullable();
    t.text('readings').notNullable();
    t.text('occurredAt').notNullable();
  });
  await knex.schema.alterTable('takes', (t) => {
    t.integer('guessG');
    t.text('condition');
    t.text('wentTo');
    t.integer('byBox').notNullable().defaultTo(0);
  });
  await knex.schema.alterTable('vessels', (t) => {
    t.float('headspacePercent');
    t.float('holeMm');
  });
  await knex.schema.alterTable('drains', (t) => {
    t.text('arrangement').notNullable().defaultTo('holed-bucket');
    t.float('holeMm');
    t.text('fineness').notNullable().defaultTo('middle');
    t.integer('thixotropic').notNullable().defaultTo(0);
    t.float('nightTemperatureC');
    t.integer('potStartG').notNullable().defaultTo(0);
  });
  await knex.schema.alterTable('weighings', (t) => {
    t.text('of').notNullable().defaultTo('lower');
    t.integer('leftOut').notNullable().defaultTo(0);
  });
  await knex.schema.alterTable('drainEvents', (t) => {
    t.float('moisturePercent');
    t.text('note').notNullable().defaultTo('');
  });
  // The device's own clock at the time, raw: records go by the server's.
  await knex.schema.alterTable('commands', (t) => t.text('deviceAt'));
  for (const sql of [
    'CREATE UNIQUE INDEX oneMarkPerStep ON stepMarks(batchId, stepId) WHERE removedAt IS NULL',
    'CREATE INDEX incidentsOfBatch ON incidents(batchId, occurredAt)',
    'CREATE INDEX frameEventsOfBatch ON frameEvents(batchId, occurredAt)',
    'CREATE INDEX readingsOfDrain ON readings(drainId, occurredAt)',
  ])
    await knex.raw(sql);
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['readings', 'frameEvents', 'incidents', 'stepMarks'])
    await knex.schema.dropTable(name);
  for (const [table, column] of [
    ['takes', 'guessG'],
    ['takes', 'condition'],
    ['takes', 'wentTo'],
    ['takes', 'byBox'],
    ['vessels', 'headspacePercent'],
    ['vessels', 'holeMm'],
    ['drains', 'arrangement'],
    ['drains', 'holeMm'],
    ['drains', 'fineness'],
    ['drains', 'thixotropic'],
    ['drains', 'nightTemperatureC'],
    ['drains', 'potStartG'],
    ['weighings', 'of'],
    ['weighings', 'leftOut'],
    ['drainEvents', 'moisturePercent'],
    ['drainEvents', 'note'],
    ['commands', 'deviceAt'],
  ])
    await knex.raw(`ALTER TABLE ${table} DROP COLUMN "${column}"`);
}
