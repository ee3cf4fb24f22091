import type { Knex } from 'knex';
import { kept } from './kept.js';

/** Labels as designed, printed and claimed; what was put aside; wax, rinse and wet gear. */
export async function up(knex: Knex): Promise<void> {
  for (const sql of [
    'ALTER TABLE lots ADD COLUMN flower TEXT',
    'ALTER TABLE lots ADD COLUMN flowerSupport TEXT',
    'ALTER TABLE lots ADD COLUMN useBy TEXT',
    'ALTER TABLE lots ADD COLUMN weights TEXT',
    'ALTER TABLE jarKinds ADD COLUMN volumeMl FLOAT',
    "ALTER TABLE jarKinds ADD COLUMN lid TEXT NOT NULL DEFAULT ''",
  ])
    await knex.raw(sql);
  await kept(knex, 'labelSheets', (t) => {
    t.text('name').notNullable();
    for (const mm of [
      'paperWidthMm',
      'paperHeightMm',
      'marginLeftMm',
      'marginTopMm',
      'labelWidthMm',
      'labelHeightMm',
      'gapXMm',
      'gapYMm',
    ])
      t.float(mm).notNullable();
    t.integer('columns').notNullable();
    t.integer('rows').notNullable();
  });
  await kept(knex, 'labelDesigns', (t) => {
    t.text('name').notNullable();
    t.text('sheetId').notNullable().references('labelSheets.id');
    t.text('fields').notNullable();
    t.integer('qr').notNullable();
  });
  // What was printed is kept as it was printed: a design changed later rewrites nothing.
  await kept(knex, 'prints', (t) => {
    t.text('lotId').notNullable().references('lots.id');
    t.text('sheet').notNullable();
    t.text('fields').notNullable();
    t.integer('qr').notNullable();
    t.text('qrText').notNullable();
    t.text('labels').notNullable();
    t.integer('startAt').notNullable();
    t.integer('misprinted').notNullable();
    t.text('why').notNullable();
    t.text('reprintOf').references('prints.id');
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'reserves', (t) => {
    t.text('jarKindId').notNullable().references('jarKinds.id');
    t.integer('count').notNullable();
    t.text('fate').notNullable();
    t.text('forDate');
    t.text('personId').references('people.id');
    t.text('doneAt');
  });
  await kept(knex, 'waxCares', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('kind').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'waxRuns', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('way').notNullable();
    t.integer('rinsed').notNullable();
    t.integer('filtered').notNullable();
    t.integer('inG').notNullable();
    t.integer('cleanG').notNullable();
    t.text('blocks').notNullable();
    t.text('occurredAt').notNullable();
  });
  await kept(knex, 'rinses', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('lotId').notNullable().references('lots.id');
    t.float('litres').notNullable();
    t.float('brixPercent').notNullable();
    t.integer('cold').notNullable();
    t.integer('honeyG').notNullable();
    t.text('fate');
    t.text('fedHiveId').references('hives.id');
    t.float('targetGravity');
    t.float('finalGravity');
    t.integer('addedHoneyG').notNullable();
    t.float('addedWaterL').notNullable();
    t.text('occurredAt').notNullable();
    t.text('usedAt');
  });
  await kept(knex, 'gearCares', (t) => {
    t.text('batchId').notNullable().references('batches.id');
    t.text('way').notNullable();
    t.text('occurredAt').notNullable();
  });
  // What the book asked about and a person answered; the key names the question.
  await kept(knex, 'answers', (t) => {
    t.text('key').notNullable();
    t.text('answer').notNullable();
    t.text('occurredAt').notNullable();
  });
  for (const sql of [
    'CREATE INDEX waxCaresOfBatch ON waxCares(batchId, occurredAt)',
    'CREATE INDEX waxRunsOfBatch ON waxRuns(batchId, occurredAt)',
    'CREATE INDEX rinsesOfBatch ON rinses(batchId, occurredAt)',
    'CREATE INDEX printsOfLot ON prints(lotId)',
    'CREATE INDEX journalOfRow ON journal(rowId)',
    'CREATE INDEX flowsVoids ON flows(voids) WHERE voids IS NOT NULL',
    'CREATE INDEX takesOfBatch ON takes(batchId)',
    'CREATE INDEX drainsOfBatch ON drains(batchId)',
    'CREATE UNIQUE INDEX oneAnswer ON answers(key) WHERE removedAt IS NULL',
  ])
    await knex.raw(sql);
}

export async function down(knex: Knex): Promise<void> {
  for (const index of ['drainsOfBatch', 'takesOfBatch', 'flowsVoids', 'journalOfRow'])
    await knex.raw(`DROP INDEX ${index}`);
  for (const name of [
    'answers',
    'gearCares',
    'rinses',
    'waxRuns',
    'waxCares',
    'reserves',
    'prints',
    'labelDesigns',
    'labelSheets',
  ])
    await knex.schema.dropTable(name);
  for (const column of ['lid', 'volumeMl'])
    await knex.raw(`ALTER TABLE jarKinds DROP COLUMN ${column}`);
  for (const column of ['weights', 'useBy', 'flowerSupport', 'flower'])
    await knex.raw(`ALTER TABLE lots DROP COLUMN ${column}`);
}
