import { sumsOf } from '../store/asked.js';
import { z } from 'zod';
import { type RulesVersion, DEFAULT_RULES } from '@furrow/core';
import type { Knex } from 'knex';

const VERSION_ROW = { version: z.number(), rules: z.string(), recordedAt: z.string() };

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await sumsOf(
    VERSION_ROW,
    db('ruleVersions').orderBy('version', 'desc').first(Object.keys(VERSION_ROW)),
  );
  // A rule that came with a later Furrow stands at its start until the household says otherwise.
  return { ...row, rules: { ...DEFAULT_RULES, ...JSON.parse(row.rules) } };
}
