import type { Knex } from 'knex';
import { APPLICATION_ID } from '../identity.js';

/** The file says whose it is: a restore tells it from any other database before it touches it. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`PRAGMA application_id = ${APPLICATION_ID}`);
  await knex.raw('PRAGMA user_version = 13');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('PRAGMA application_id = 0');
  await knex.raw('PRAGMA user_version = 0');
}
