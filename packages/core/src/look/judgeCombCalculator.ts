import { z } from 'zod';
import { A_WHOLE_NUMBER, atLeast, atMost } from '../say/limits.js';
import { keyOnly, type Speak } from '../say/say.js';
import { refuses } from '../say/field.js';
import { CONTENTS } from '../records/vocabulary/comb.js';
import { HEMISPHERES, HIVE_KIND_NAMES } from '../records/vocabulary/hive.js';
import { colonyFactSchema } from '../records/colony.js';
import { dateSchema } from '../records/common.js';
import { type HouseRules, houseRulesSchema } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { colonyState } from './colonyState.js';
import type { CombFacts } from './combFacts.js';
import { QUESTIONS, WEIGHTS } from '../records/vocabulary/verdict.js';
import { judgeComb } from './judgeComb.js';

const share = z.number().min(0, atLeast(0)).max(1, atMost(1)).default(0);
/** Shares of a face; together at most 1, the rest is empty. */
const partSharesSchema = z
  .strictObject({ capped: share, open: share, pollen: share, brood: share, empty: share })
  .refine((s) => CONTENTS.reduce((sum, c) => sum + s[c], 0) <= 1 + 1e-9, {
    message: refuses('field.shares-above-1'),
  })
  .transform((s) => ({ ...s, empty: 1 - s.capped - s.open - s.pollen - s.brood }));
const sides = z.strictObject({ A: partSharesSchema.nullable(), B: partSharesSchema.nullable() });
const pots = z.int(A_WHOLE_NUMBER).min(0, atLeast(0));
const combAge = z.enum(['new', 'used', 'brood-used']);

const combSchema = z.strictObject({
  builtOn: dateSchema.optional(),
  combAge: combAge.default('new'),
  straight: z.boolean().optional(),
  sides: sides.default({ A: null, B: null }),
  samples: z
    .array(
      z.strictObject({
        side: z.enum(['A', 'B']),
        cells: z.enum(['open', 'sealed']),
        moisturePercent: z.number().min(0, atLeast(0)).max(100, atMost(100)),
        on: dateSchema.optional(),
      }),
    )
    .default([]),
  earlier: z.array(z.strictObject({ on: dateSchema, sides })).default([]),
  honeyKg: z.number().min(0, atLeast(0)).optional(),
  pots: z
    .strictObject({ honeySealed: pots, honeyOpen: pots, pollen: pots, empty: pots })
    .optional(),
});

/**
 * What the calculator judge-comb takes: one comb or group of pots, its colony, stores and rules.
 */
export const judgeCombInputSchema = z
  .strictObject({
    kind: z.enum(HIVE_KIND_NAMES, refuses('field.choose-hive-kind')),
    date: dateSchema,
    hemisphere: z.enum(HEMISPHERES, refuses('field.choose-hemisphere')),
    comb: combSchema,
    colony: z.strictObject({
      startedOn: dateSchema.optional(),
      facts: z.array(z.strictObject({ on: dateSchema, fact: colonyFactSchema })),
    }),
    stores: z
      .strictObject({
        staysLowKg: z.number().min(0, atLeast(0)),
        needKg: z.number().min(0, atLeast(0)).nullable(),
      })
      .nullable()
      .optional(),
    humidPlace: z.boolean().default(false),
    rules: houseRulesSchema.partial().default({}),
  })
  .superRefine((value, context) => {
    value.comb.samples.forEach((sample, i) => {
      if (sample.on !== undefined && sample.on > value.date)
        context.addIssue({
          code: 'custom',
          message: refuses('field.sample-later'),
          path: ['comb', 'samples', i, 'on'],
        });
    });
  });
export type JudgeCombInput = z.infer<typeof judgeCombInputSchema>;

const findingSchema = z.strictObject({
  question: z.enum(QUESTIONS),
  answer: z.enum(['yes', 'no', 'unknown']),
  weight: z.enum(WEIGHTS),
  rule: z.string(),
  measured: z.number().optional(),
  limit: z.number().optional(),
  unit: z.string().optional(),
  restsOn: z.array(
    z.strictObject({ fact: z.string(), on: z.string(), ageDays: z.int(), stale: z.boolean() }),
  ),
  sentence: z.string(),
});
export const judgeCombOutputSchema = z.strictObject({
  verdict: z.enum(['take', 'leave', 'test', 'not-read']),
  decidedBy: z.enum(QUESTIONS),
  sentence: z.string(),
  findings: z.array(findingSchema),
});

export type JudgeCombAnswer = z.infer<typeof judgeCombOutputSchema>;

/**
 * The calculator judge-comb: the same engine as every screen, over facts handed in. Dates are
 * YYYY-MM-DD, shares 0 to 1, water in percent, stores in kg. What is left out is unknown; rules
 * left out stand at their defaults. `speak` says its sentences; without one they are keys.
 *
 * @example
 * const side = { capped: 0.9, open: 0.1 };
 * const comb = { builtOn: '2025-10-01', sides: { A: side, B: side }, honeyKg: 1.8 };
 * const colony = { startedOn: '2024-10-01', facts: [] };
 * const asked = { kind: 'top-bar', date: '2026-03-14', hemisphere: 'south', comb, colony };
 * judgeCombBy(judgeCombInputSchema.parse(asked)).decidedBy; // "theirs"
 */
export function judgeCombBy(input: JudgeCombInput, speak: Speak = keyOnly): JudgeCombAnswer {
  const { comb, colony, date } = input;
  const rules: HouseRules = { ...DEFAULT_RULES, ...(input.rules as Partial<HouseRules>) };
  const facts: CombFacts = {
    kind: input.kind,
    date,
    hemisphere: input.hemisphere,
    rules,
    colony: colonyState(
      colony.startedOn ?? null,
      colony.facts.map((f, i) => ({ id: String(i), ...f })),
      date,
      rules.shelfDays,
    ),
    comb: {
      builtOn: comb.builtOn ?? null,
      combAge: comb.combAge,
      straight: comb.straight ?? null,
      droneShare: null,
      sides: comb.sides,
      seenOn: comb.sides.A || comb.sides.B || comb.pots ? date : null,
      glimpse: null,
      samples: comb.samples.map((sample) => ({ ...sample, on: sample.on ?? date })),
      earlier: comb.earlier,
      honeyKg: comb.honeyKg ?? null,
      pots: comb.pots ?? null,
      carriedHealth: null,
      reserved: false,
    },
    stores: input.stores ?? null,
    humidPlace: input.humidPlace,
    heather: false,
    potsDrawnOn: null,
  };
  const { verdict, decidedBy, headline, findings } = judgeComb(facts);
  return {
    verdict,
    decidedBy,
    sentence: speak(headline),
    findings: findings.map((found) => ({
      ...found,
      rule: speak(found.rule),
      sentence: speak(found.sentence),
    })),
  };
}
