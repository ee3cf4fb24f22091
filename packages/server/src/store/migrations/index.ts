import type { Knex } from 'knex';
import * as first from './001_first.js';
import * as look from './002_look.js';
import * as plan from './003_plan.js';
import * as bench from './004_bench.js';
import * as cut from './005_cut.js';
import * as book from './006_book.js';
import * as findings from './007_findings.js';
import * as numbers from './008_numbers.js';
import * as vessels from './009_vessels.js';
import * as begun from './010_begun.js';
import * as discount from './011_discount.js';
import * as calendar from './012_calendar.js';
import * as identity from './013_identity.js';
import * as fingerprint from './014_fingerprint.js';
import * as labels from './015_labels.js';
import * as inOrder from './016_inOrder.js';
import * as ofHive from './017_ofHive.js';
import * as takenNumbers from './018_takenNumbers.js';

/**
 * Migrations in order. They are part of the bundle, so that an installed server needs no folder of
 * them.
 */
const MIGRATIONS: [string, Knex.Migration][] = [
  ['001_first', first],
  ['002_look', look],
  ['003_plan', plan],
  ['004_bench', bench],
  ['005_cut', cut],
  ['006_book', book],
  ['007_findings', findings],
  ['008_numbers', numbers],
  ['009_vessels', vessels],
  ['010_begun', begun],
  ['011_discount', discount],
  ['012_calendar', calendar],
  ['013_identity', identity],
  ['014_fingerprint', fingerprint],
  ['015_labels', labels],
  ['016_inOrder', inOrder],
  ['017_ofHive', ofHive],
  ['018_takenNumbers', takenNumbers],
];

export const migrationSource: Knex.MigrationSource<[string, Knex.Migration]> = {
  getMigrations: async () => MIGRATIONS,
  getMigrationName: ([name]) => name,
  getMigration: async ([, migration]) => migration,
};
