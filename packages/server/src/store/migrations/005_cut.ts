import type { Knex } from 'knex';
import { kept } from './kept.js';

const BOX_COLUMNS = ['widthMm', 'heightMm', 'depthMm', 'shape', 'minG', 'maxG'];

/**
 * The cutting board, its pieces, racks and the cold; what left the shelf; boxes with their
 * measures; pots counted.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('takes', (t) => t.integer('potsEmptied'));
  await knex.schema.alterTable('jarKinds', (t) => {
    t.float('widthMm');
    t.float('heightMm');
    t.float('depthMm');
    t.text('shape').notNullable().defaultTo('rectangle');
    t.integer('minG');
    t.integer('maxG');
  });
  await kept(knex, 'cutBoards', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('combId').notNullable().references('combs.id');
    for (const mm of ['widthMm', 'heightMm', 'thicknessMm']) t.float(mm).notNullable();
    t.text('flaws').notNullable();
    t.text('seen').notNullable();
    t.integer('sheetSeasons');
    t.text('cuts').notNullable();
    t.integer('cutsDone').notNullable();
    t.float('value');
    t.integer('provenOptimal').notNullable();
    t.integer('possiblePieces');
    t.text('spoilt');
    t.text('doneAt');
  });
  await kept(knex, 'cutPieces', (t) => {
    t.text('boardId').notNullable().references('cutBoards.id');
    t.text('batchId').notNullable().references('batches.id');
    t.text('jarKindId').notNullable().references('jarKinds.id');
    for (const mm of ['xMm', 'yMm', 'widthMm', 'heightMm']) t.float(mm).notNullable();
    for (const g of ['lowG', 'midG', 'highG']) t.integer(g).notNullable();
    t.text('bestSide');
    t.text('state').notNullable();
    t.text('blemishes').notNullable();
    t.integer('netG');
    t.text('grade');
    t.float('price');
    t.text('reason');
    t.text('lotId').references('lots.id');
  });
  await kept(knex, 'keepings', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('kind').notNullable();
    t.text('order').notNullable();
    t.integer('pieces').notNullable();
    t.float('thicknessMm').notNullable();
    t.integer('apart').notNullable();
    t.float('litres').notNullable();
    t.text('pest').notNullable();
    t.float('freezerC');
    t.float('roomC').notNullable();
    t.float('moisturePercent').notNullable();
    t.float('humidityPercent');
    t.text('startedAt').notNullable();
    t.text('dueAt').notNullable();
    t.text('endedAt');
    t.integer('cracked').notNullable();
    t.text('note').notNullable();
  });
  // Names of people stand here alone and can be erased; book and journal know only the id.
  await kept(knex, 'people', (t) => void t.text('name').notNullable());
  await kept(knex, 'outs', (t) => {
    t.text('lotId').notNullable().references('lots.id');
    t.text('fate').notNullable();
    t.integer('count').notNullable();
    t.integer('g').notNullable();
    t.float('price');
    t.text('personId').references('people.id');
    t.text('occurredAt').notNullable();
  });
  for (const sql of [
    'CREATE UNIQUE INDEX oneBoardPerComb ON cutBoards(batchId, combId) WHERE removedAt IS NULL',
    'CREATE INDEX piecesOfBoard ON cutPieces(boardId)',
    'CREATE INDEX piecesOfBatch ON cutPieces(batchId)',
    'CREATE INDEX keepingsOfBatch ON keepings(batchId, startedAt)',
    'CREATE INDEX outsOfLot ON outs(lotId)',
  ])
    await knex.raw(sql);
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['outs', 'people', 'keepings', 'cutPieces', 'cutBoards'])
    await knex.schema.dropTable(name);
  for (const [table, column] of [
    ['takes', 'potsEmptied'],
    ...BOX_COLUMNS.map((c) => ['jarKinds', c]),
  ])
    await knex.raw(`ALTER TABLE ${table} DROP COLUMN "${column}"`);
}
