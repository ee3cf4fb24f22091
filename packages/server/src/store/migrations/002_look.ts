import type { Knex } from 'knex';

/**
 * Looks of every kind of hive: cells, photos, pots and panes; facts about colonies; when wood was
 * made.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('looks', (t) => {
    for (const column of ['faceA', 'faceB', 'photoA', 'photoB', 'pane', 'attachment', 'pots'])
      t.text(column);
    t.text('seenBy').notNullable().defaultTo('{"A":null,"B":null}');
    t.boolean('straight');
  });
  await knex.schema.alterTable('combs', (t) => t.text('marks').notNullable().defaultTo('[]'));
  await knex.schema.alterTable('carriers', (t) => {
    t.text('madeOn');
    t.text('sheet');
  });
  await knex.schema.createTable('colonyFacts', (t) => {
    t.text('id').primary();
    t.text('colonyId').notNullable().references('colonies.id');
    t.text('onDate').notNullable();
    t.text('fact').notNullable();
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  await knex.schema.createTable('photos', (t) => {
    t.text('id').primary();
    t.text('sha256').notNullable();
    t.integer('widthPx').notNullable();
    t.integer('heightPx').notNullable();
    t.integer('bytes').notNullable();
    t.text('takenOn');
    t.integer('revision').notNullable();
    t.text('recordedAt').notNullable();
    t.text('removedAt');
  });
  await knex.raw('CREATE INDEX factsOfColony ON colonyFacts(colonyId, onDate)');
  await knex.raw('CREATE INDEX placementsInCarrier ON placements(parentCarrierId)');
  await knex.raw(
    'CREATE UNIQUE INDEX oneCarrierPerBoxSlot ON placements(parentCarrierId, slot) WHERE parentCarrierId IS NOT NULL AND toOn IS NULL AND removedAt IS NULL',
  );
  await knex.raw(
    'CREATE UNIQUE INDEX onePlacePerCarrier ON placements(carrierId) WHERE toOn IS NULL AND removedAt IS NULL',
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP INDEX onePlacePerCarrier');
  await knex.raw('DROP INDEX oneCarrierPerBoxSlot');
  await knex.raw('DROP INDEX placementsInCarrier');
  await knex.schema.dropTable('photos');
  await knex.schema.dropTable('colonyFacts');
  await knex.schema.alterTable('combs', (t) => t.dropColumn('marks'));
  await knex.schema.alterTable('carriers', (t) => t.dropColumns('madeOn', 'sheet'));
  await knex.schema.alterTable('looks', (t) =>
    t.dropColumns(
      'faceA',
      'faceB',
      'photoA',
      'photoB',
      'pane',
      'attachment',
      'pots',
      'seenBy',
      'straight',
    ),
  );
}
