import type { Knex } from 'knex';

/** What was taken off a sale, in money or in percent. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('outs', (t) => {
    t.float('discountAmount');
    t.float('discountPercent');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('ALTER TABLE outs DROP COLUMN "discountPercent"');
  await knex.raw('ALTER TABLE outs DROP COLUMN "discountAmount"');
}
