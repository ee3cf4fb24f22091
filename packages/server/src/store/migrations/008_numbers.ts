import type { Knex } from 'knex';

const COLUMNS = ['packing', 'widthMm', 'heightMm'];

/**
 * How comb stood in the freezer, and the other two sides of it; what was written down before stood
 * as its order of work says.
 */
export async function up(knex: Knex): Promise<void> {
  for (const sql of [
    "ALTER TABLE keepings ADD COLUMN packing TEXT NOT NULL DEFAULT 'piece'",
    'ALTER TABLE keepings ADD COLUMN widthMm REAL',
    'ALTER TABLE keepings ADD COLUMN heightMm REAL',
    "UPDATE keepings SET packing = 'frame' WHERE \"order\" = 'whole'",
  ])
    await knex.raw(sql);
}

export async function down(knex: Knex): Promise<void> {
  for (const column of COLUMNS) await knex.raw(`ALTER TABLE keepings DROP COLUMN "${column}"`);
}
