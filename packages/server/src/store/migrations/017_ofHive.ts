import type { Knex } from 'knex';

/** What belongs to one hive or box is found without reading what belongs to all the others. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('CREATE INDEX looksOfHive ON looks(hiveId, date)');
  await knex.raw('CREATE INDEX placementsOfCarrier ON placements(carrierId)');
  await knex.raw('CREATE INDEX batchesOfHive ON batches(hiveId)');
  await knex.raw('CREATE INDEX visitsOfHive ON visits(hiveId)');
  await knex.raw('CREATE INDEX staysInHive ON colonyStays(hiveId)');
  await knex.raw('PRAGMA user_version = 17');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('DROP INDEX staysInHive');
  await knex.raw('DROP INDEX visitsOfHive');
  await knex.raw('DROP INDEX batchesOfHive');
  await knex.raw('DROP INDEX placementsOfCarrier');
  await knex.raw('DROP INDEX looksOfHive');
  await knex.raw('PRAGMA user_version = 16');
}
