import { DEFAULT_RULES } from '@furrow/core';
import type { Knex } from 'knex';
import { ensureLabels } from './jar/labels.js';

/**
 * Every database has house rules from the start (the defaults, as version 1), sheets of labels and
 * a label.
 */
export async function ensureRules(db: Knex, now: Date): Promise<void> {
  await ensureLabels(db, now.toISOString());
  if (await db('ruleVersions').first()) return;
  await db('ruleVersions').insert({
    version: 1,
    rules: JSON.stringify(DEFAULT_RULES),
    recordedAt: now.toISOString(),
    commandId: 'first-run',
  });
}
