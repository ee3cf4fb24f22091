import type { Knex } from 'knex';

/** The order in which lots and entries are read page by page: a page costs by its size alone. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('CREATE INDEX lotsAsWritten ON lots(recordedAt)');
  await knex.raw('CREATE INDEX flowsInTime ON flows(at, recordedAt)');
  await knex.raw('PRAGMA user_version = 16');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP INDEX flowsInTime');
  await knex.raw('DROP INDEX lotsAsWritten');
  await knex.raw('PRAGMA user_version = 15');
}
