import type { Knex } from 'knex';

/**
 * Choosing and planning: what a jar is for and costs, how a batch was decided and shares its
 * vessel, weather, gear, site notes.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('jarKinds', (t) => {
    t.text('purpose').notNullable().defaultTo('jar');
    t.float('cost').notNullable().defaultTo(0);
  });
  // Batches of several hives that were put into one vessel on purpose.
  await knex.schema.alterTable('batches', (t) => t.text('lotGroup'));
  await knex.schema.alterTable('sites', (t) => {
    t.text('notes').notNullable().defaultTo('[]');
    t.text('forage').notNullable().defaultTo('{}');
  });
  await knex.schema.createTable('weatherEntries', (t) => {
    t.text('id').primary();
    t.text('siteId').notNullable().references('sites.id');
    t.text('at').notNullable();
    t.float('temperatureC');
    t.float('windKmH');
    t.float('rainMm');
    t.float('humidityPercent');
    t.float('cloudPercent');
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  await knex.schema.createTable('gear', (t) => {
    t.text('id').primary();
    t.text('name').notNullable();
    t.text('kind').notNullable();
    t.integer('stock').notNullable();
    t.float('volumeL').notNullable();
    t.float('weightKg').notNullable();
    t.text('repair');
    t.text('dueOn');
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  // What was ticked off the list: by harvest day and line, so that phone and table see the same.
  await knex.schema.createTable('ticks', (t) => {
    t.text('id').primary();
    t.text('batchId').notNullable().references('batches.id');
    t.text('line').notNullable();
    t.text('state').notNullable();
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  await knex.raw(
    'CREATE UNIQUE INDEX oneTickPerLine ON ticks(batchId, line) WHERE removedAt IS NULL',
  );
  await knex.raw('CREATE INDEX weatherOfSite ON weatherEntries(siteId, at)');
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['ticks', 'gear', 'weatherEntries']) await knex.schema.dropTable(name);
  for (const [table, column] of [
    ['sites', 'notes'],
    ['sites', 'forage'],
    ['batches', 'lotGroup'],
    ['jarKinds', 'purpose'],
    ['jarKinds', 'cost'],
  ])
    await knex.raw(`ALTER TABLE ${table} DROP COLUMN ${column}`);
}
