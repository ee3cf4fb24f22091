import { type RulesVersion, DEFAULT_RULES } from '@furrow/core';
import type { Knex } from 'knex';
import { opened } from '../store/rows.js';

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await db('ruleVersions').orderBy('version', 'desc').first();
  const version = opened('ruleVersions', row) as RulesVersion;
  // A rule that came with a later Furrow stands at its start until the household says otherwise.
  return { ...version, rules: { ...DEFAULT_RULES, ...version.rules } };
}
