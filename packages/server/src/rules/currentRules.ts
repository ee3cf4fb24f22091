import { sumsOf } from '../store/asked.js';
import { z } from 'zod';
import {
  type HouseRules,
  type RulesVersion,
  type Units,
  DEFAULT_RULES,
  METRIC,
  UNITS_AS_NAMED_BEFORE,
} from '@furrow/core';
import type { Knex } from 'knex';

const VERSION_ROW = { version: z.number(), rules: z.string(), recordedAt: z.string() };

/** The house rules in force. */
export async function currentRules(db: Knex): Promise<RulesVersion> {
  const row = await sumsOf(
    VERSION_ROW,
    db('ruleVersions').orderBy('version', 'desc').first(Object.keys(VERSION_ROW)),
  );
  return { ...row, rules: rulesAsKept(JSON.parse(row.rules) as KeptRules) };
}

/**
 * House rules as they were kept, whenever that was. A rule that came with a later Furrow stands at
 * its start until the household says otherwise; units were one word once.
 */
export function rulesAsKept(kept: KeptRules): HouseRules {
  const { units } = kept;
  return {
    ...DEFAULT_RULES,
    ...kept,
    units: typeof units === 'string' ? UNITS_AS_NAMED_BEFORE[units] : (units ?? METRIC),
  };
}
type KeptRules = Partial<Omit<HouseRules, 'units'>> & {
  units?: Units | keyof typeof UNITS_AS_NAMED_BEFORE;
};
