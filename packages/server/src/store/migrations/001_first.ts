import type { Knex } from 'knex';
import { kept } from './kept.js';

export async function up(knex: Knex): Promise<void> {
  await kept(knex, 'sites', (t) => {
    t.text('name').notNullable();
    t.text('zone').notNullable();
    t.text('hemisphere').notNullable();
  });
  await kept(knex, 'hives', (t) => {
    t.text('siteId').notNullable().references('sites.id');
    t.text('name').notNullable();
    t.text('kind').notNullable();
    t.text('geometry').notNullable();
  });
  await kept(knex, 'colonies', (t) => {
    t.text('startedOn').notNullable();
    t.text('endedOn');
    t.text('parentIds').notNullable();
  });
  await kept(knex, 'colonyStays', (t) => {
    t.text('colonyId').notNullable().references('colonies.id');
    t.text('hiveId').notNullable().references('hives.id');
    t.text('fromOn').notNullable();
    t.text('toOn');
  });
  await kept(knex, 'carriers', (t) => {
    t.text('kind').notNullable();
    t.text('label').notNullable();
  });
  await kept(knex, 'combs', (t) => {
    t.text('carrierId').notNullable().references('carriers.id');
    t.text('kind').notNullable();
    t.text('builtOn').notNullable();
    t.text('endedOn');
    t.text('endReason');
    t.text('successorIds').notNullable();
  });
  await kept(knex, 'placements', (t) => {
    t.text('carrierId').notNullable().references('carriers.id');
    t.text('parentHiveId').references('hives.id');
    t.text('parentCarrierId').references('carriers.id');
    t.text('compartment').notNullable();
    t.integer('slot').notNullable();
    t.text('sideToEntrance').notNullable();
    t.text('fromOn').notNullable();
    t.text('toOn');
  });
  await kept(knex, 'looks', (t) => {
    t.text('combId').notNullable().references('combs.id');
    t.text('hiveId').notNullable().references('hives.id');
    t.integer('slot').notNullable();
    t.text('occurredAt').notNullable();
    t.text('date').notNullable();
    t.text('sides').notNullable();
    t.text('readings').notNullable();
    t.text('combAge').notNullable();
    t.float('depthMm').notNullable();
    t.float('thicknessMm').notNullable();
    t.text('verdict').notNullable();
    t.integer('rulesVersion').notNullable();
  });
  await knex.schema.createTable('ruleVersions', (t) => {
    t.integer('version').primary();
    t.text('rules').notNullable();
    t.text('recordedAt').notNullable();
    t.text('commandId').notNullable();
  });
  await kept(knex, 'vessels', (t) => {
    t.text('name').notNullable();
    t.text('role').notNullable();
    t.float('volumeL').notNullable();
    t.integer('tareG').notNullable();
    t.float('innerDiameterMm').notNullable();
  });
  await kept(knex, 'jarKinds', (t) => {
    t.text('name').notNullable();
    t.integer('netG').notNullable();
    t.integer('tareG').notNullable();
    t.integer('stock').notNullable();
    t.float('value').notNullable();
  });
  await kept(knex, 'visits', (t) => {
    t.text('hiveId').notNullable().references('hives.id');
    t.text('date').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'batches', (t) => {
    t.text('visitId').notNullable().references('visits.id');
    t.text('hiveId').notNullable().references('hives.id');
    t.text('method').notNullable();
    t.text('stage').notNullable();
    t.text('code');
    t.text('combIds').notNullable();
    t.text('anyway').notNullable();
    t.text('decision').notNullable();
    t.text('plan');
    t.integer('rulesVersion').notNullable();
    t.integer('handsOnMinutes').notNullable();
    t.text('closedAt');
    t.text('lookedBackAt');
    t.text('createdAt').notNullable();
  });
  await kept(knex, 'takes', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('combId').notNullable().references('combs.id');
    t.integer('slot').notNullable();
    t.text('outcome').notNullable();
    t.text('vesselId').references('vessels.id');
    t.integer('grossG');
    t.integer('tareG');
    t.integer('netG');
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'drains', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('upperVesselId').references('vessels.id');
    t.text('lowerVesselId').references('vessels.id');
    t.text('method').notNullable();
    t.float('moisturePercent').notNullable();
    t.float('temperatureC').notNullable();
    t.integer('crushedG').notNullable();
    t.text('startedAt').notNullable();
    t.text('endedAt');
  });
  await kept(knex, 'weighings', (t) => {
    t.text('drainId').notNullable().references('drains.id');
    t.integer('grossG').notNullable();
    t.integer('tareG').notNullable();
    t.integer('netG').notNullable();
    t.text('source').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'drainEvents', (t) => {
    t.text('drainId').notNullable().references('drains.id');
    t.text('kind').notNullable();
    t.integer('g');
    t.float('temperatureC');
    t.integer('minutes').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'lots', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('kind').notNullable();
    t.text('name').notNullable();
    t.text('code').unique();
    t.integer('count');
    t.integer('netG');
    t.text('jarKindId').references('jarKinds.id');
    t.integer('lowestWeighedG');
  });
  // The book: append-only. A correction is another flow that voids one.
  await knex.schema.createTable('flows', (t) => {
    t.text('id').primary();
    t.text('fromLot').notNullable();
    t.text('toLot').notNullable();
    t.integer('g').notNullable();
    t.text('at').notNullable();
    t.text('recordedAt').notNullable();
    t.text('voids').references('flows.id');
    t.text('reason').notNullable();
    t.text('commandId').notNullable();
  });
  await knex.schema.createTable('commands', (t) => {
    t.text('id').primary();
    t.integer('sequence').notNullable().unique();
    t.text('route').notNullable();
    t.text('device').notNullable();
    t.text('person');
    t.text('sentence').notNullable();
    t.text('occurredAt').notNullable();
    t.text('recordedAt').notNullable();
    t.text('response').notNullable();
    t.text('undoes');
    t.text('undoneBy');
  });
  await knex.schema.createTable('journal', (t) => {
    t.increments('sequence');
    t.text('commandId').notNullable();
    t.text('tableName').notNullable();
    t.text('rowId').notNullable();
    t.text('before');
    t.text('after').notNullable();
  });
  await knex.schema.createTable('heldCommands', (t) => {
    t.text('id').primary();
    t.text('route').notNullable();
    t.text('command').notNullable();
    t.text('why').notNullable();
    t.text('recordedAt').notNullable();
  });
  for (const sql of [
    // Two combs in one place at one time, two carriers in one slot: refused by the database itself.
    'CREATE UNIQUE INDEX oneCombPerCarrier ON combs(carrierId) WHERE endedOn IS NULL AND removedAt IS NULL',
    'CREATE UNIQUE INDEX oneCarrierPerSlot ON placements(parentHiveId, compartment, slot) WHERE toOn IS NULL AND removedAt IS NULL',
    'CREATE UNIQUE INDEX oneSiteName ON sites(name) WHERE removedAt IS NULL',
    'CREATE UNIQUE INDEX oneHiveName ON hives(siteId, name) WHERE removedAt IS NULL',
    'CREATE INDEX looksOfComb ON looks(combId, occurredAt)',
    'CREATE INDEX lotsOfBatch ON lots(batchId)',
    'CREATE INDEX flowsFrom ON flows(fromLot)',
    'CREATE INDEX flowsTo ON flows(toLot)',
    'CREATE INDEX flowsOfCommand ON flows(commandId)',
    'CREATE INDEX journalOfCommand ON journal(commandId)',
    'CREATE INDEX weighingsOfDrain ON weighings(drainId, occurredAt)',
  ])
    await knex.raw(sql);
}

export async function down(knex: Knex): Promise<void> {
  for (const name of [
    'heldCommands',
    'journal',
    'commands',
    'flows',
    'lots',
    'drainEvents',
    'weighings',
    'drains',
    'takes',
    'batches',
    'visits',
    'jarKinds',
    'vessels',
    'ruleVersions',
    'looks',
    'placements',
    'combs',
    'carriers',
    'colonyStays',
    'colonies',
    'hives',
    'sites',
  ]) {
    await knex.schema.dropTable(name);
  }
}
