import { calcSay } from './calcSays.js';
import { isStingless } from './hive/kinds.js';
import './schemaMessages.js';
import { z } from 'zod';
import { A_WHOLE_NUMBER, atLeast, atMost } from './say/limits.js';
import { refusalOf, refuses } from './say/field.js';
import type { Speak } from './say/say.js';
import { BadInput, pathText } from './badInput.js';
import { lotTrace } from './book/lotTrace.js';
import { massBalance } from './book/massBalance.js';
import { CRUSH_METHODS } from './records/vocabulary/bench.js';
import { sharesSchema } from './records/vocabulary/combShapes.js';
import { coldCore } from './comb/cooling.js';
import { PACKINGS } from './records/vocabulary/pieces.js';
import { combEstimate, READ_BY } from './comb/estimate.js';
import { cutPlan } from './cut/cutPlan.js';
import { drainFit } from './drain/fit.js';
import { drainForecastBy } from './drain/forecastCalculator.js';
import { HIVE_KIND_NAMES } from './records/vocabulary/hive.js';
import { honeyHeat } from './honey/heat.js';
import { honeyKeeping } from './honey/keeping.js';
import { honeyMoisture } from './honey/moisture.js';
import { honeyProperties } from './honey/properties.js';
import { jarFill } from './jar/fill.js';
import {
  judgeCombBy,
  judgeCombInputSchema,
  judgeCombOutputSchema,
} from './look/judgeCombCalculator.js';

/**
 * One computation of the core with its contract: what goes in, what comes out, one line that says
 * what it is for.
 */
export interface Calculator {
  name: string;
  summary: string;
  input: z.ZodType;
  output: z.ZodType;
  /** `speak` says what its answer has of sentences. */
  run: (input: never, speak?: Speak) => unknown;
}

/** Ties both sides of a calculator to its function: a pair that does not fit does not compile. */
const calculator = <Input extends z.ZodType, Output extends z.ZodType>(definition: {
  name: string;
  summary: string;
  input: Input;
  output: Output;
  run: (input: z.output<Input>, speak?: Speak) => z.input<Output>;
}): Calculator => definition;

const percent = z.number().min(0, atLeast(0)).max(100, atMost(100));
const atLeast0 = z.number().min(0, atLeast(0));
const above0 = z.number().gt(0, refuses('field.above-0'));
const id = z
  .string()
  .min(1, refuses('field.id-not-empty'))
  .max(200)
  .refine((v) => v !== 'outside' && v !== 'loss', refuses('field.reserved-name'));
const range = z.strictObject({ low: z.number(), mid: z.number(), high: z.number() });
const orderedRange = z
  .strictObject({ low: atLeast0, mid: above0, high: above0 })
  .refine((r) => r.low <= r.mid && r.mid <= r.high, refuses('field.low-middle-high'));
const wholeG = z.int(A_WHOLE_NUMBER);
const uniqueIds = (list: { id?: string }[], context: z.RefinementCtx, key: string): void => {
  const seen = new Set<string>();
  list.forEach((entry, i) => {
    if (entry.id === undefined) return;
    if (seen.has(entry.id))
      context.addIssue({
        code: 'custom',
        message: refuses('field.id-twice', { id: entry.id }),
        path: [key, i, 'id'],
      });
    seen.add(entry.id);
  });
};

/** Lots and flows as every calculator of the book takes them. */
const bookShape = {
  lots: z.array(z.strictObject({ id, kind: z.string(), openingG: wholeG.optional() })),
  flows: z.array(
    z.strictObject({
      id: z.string().min(1).optional(),
      from: z
        .string()
        .min(1)
        .refine((v) => v !== 'loss', refuses('field.nothing-from-loss')),
      to: z.string().min(1),
      g: wholeG,
      at: z.iso.datetime({ offset: true, error: refuses('field.instant') }),
      voids: z.string().min(1).optional(),
      reason: z.string().optional(),
    }),
  ),
};
const bookIds = (
  value: { lots: { id: string }[]; flows: { id?: string }[] },
  context: z.RefinementCtx,
): void => {
  uniqueIds(value.lots, context, 'lots');
  uniqueIds(value.flows, context, 'flows');
};

const calculators: Calculator[] = [
  calculator({
    name: 'honey-moisture',
    summary: 'Water content of honey from a refractometer reading and its temperature.',
    input: z.strictObject({
      refractiveIndex: z.number().min(1.3, atLeast(1.3)).max(1.6, atMost(1.6)).optional(),
      brixPercent: percent.optional(),
      moisturePercent: percent.optional(),
      temperatureC: z.number().optional(),
      temperatureCompensated: z.boolean().optional(),
    }),
    output: z.strictObject({
      moisturePercent: z.number(),
      brixPercent: z.number(),
      refractiveIndex20: z.number(),
      approximate: z.boolean(),
    }),
    run: honeyMoisture,
  }),
  calculator({
    name: 'honey-properties',
    summary: 'Density and viscosity of honey from its water content and temperature.',
    input: z.strictObject({ moisturePercent: percent, temperatureC: z.number() }),
    output: z.strictObject({
      densityKgPerL: z.number(),
      viscosityPaS: z.number(),
      approximate: z.boolean(),
    }),
    run: honeyProperties,
  }),
  calculator({
    name: 'honey-heat',
    summary: 'Share of diastase and invertase left after warming. HMF is not computed.',
    input: z.strictObject({
      exposures: z.array(z.strictObject({ temperatureC: z.number(), hours: atLeast0 })),
    }),
    output: z.strictObject({
      diastaseRetainedFraction: z.number(),
      invertaseRetainedFraction: z.number(),
    }),
    run: honeyHeat,
  }),
  calculator({
    name: 'honey-keeping',
    summary: 'How honey of this water content keeps.',
    input: z.strictObject({ moisturePercent: percent, bee: z.enum(['honeybee', 'stingless']) }),
    output: z.strictObject({
      grade: z.enum(['keeps', 'watch', 'use-soon', 'ferments', 'keep-cold']),
      reason: z.string(),
    }),
    run: honeyKeeping,
  }),
  calculator({
    name: 'comb-estimate',
    summary: 'Honey and wax of one comb, as ranges, from what its sides hold.',
    input: z.strictObject({
      sides: z
        .array(
          z.strictObject({
            areaCm2: atLeast0,
            shares: sharesSchema,
            readBy: z.enum(READ_BY).optional(),
          }),
        )
        .min(1, refuses('field.one-or-two-sides'))
        .max(2, refuses('field.one-or-two-sides')),
      thicknessMm: above0,
      moisturePercent: percent.optional(),
      combAge: z.enum(['new', 'used', 'brood-used']),
      kind: z
        .enum(HIVE_KIND_NAMES)
        .refine((kind) => !isStingless(kind), refuses('field.count-pots'))
        .optional(),
    }),
    output: z.strictObject({
      honeyKg: range,
      cappedHoneyKg: range,
      openHoneyKg: range,
      waxKg: range,
      cappedShareOfHoney: z.number(),
    }),
    run: combEstimate,
  }),
  calculator({
    name: 'cold-core',
    summary: 'Hours in the freezer until the core of a piece, a frame or a whole super is cold.',
    input: z.strictObject({
      widthMm: above0,
      heightMm: above0,
      depthMm: above0,
      packing: z.enum(PACKINGS),
      startC: z.number().optional(),
      freezerC: z.number(),
      targetC: z.number(),
    }),
    output: z.strictObject({
      hours: z.strictObject({ low: z.number(), high: z.number() }).nullable(),
      reached: z.boolean(),
      sentence: z.string(),
    }),
    run: coldCore,
  }),
  calculator({
    name: 'drain-fit',
    summary: 'Fits the draining curve to weighings: how much will come, how fast.',
    input: z.strictObject({
      weighings: z.array(z.strictObject({ hours: atLeast0, kg: atLeast0 })),
      prior: z
        .strictObject({
          finalKg: z.strictObject({ mean: above0, sd: above0 }),
          ratePerHour: z.strictObject({ mean: above0, sd: above0 }),
        })
        .optional(),
      weighingSdKg: above0.optional(),
    }),
    output: z.strictObject({
      finalKg: z.number(),
      ratePerHour: z.number(),
      residualSumSquares: z.number(),
      finalKgInterval90: z.tuple([z.number(), z.number().nullable()]),
      hoursTo90Percent: z.number(),
      converged: z.boolean(),
    }),
    run: drainFit,
  }),
  calculator({
    name: 'drain-forecast',
    summary:
      'How much honey will be out when, when the vessel is full, and whether it has stopped.',
    input: z.strictObject({
      combHoneyKg: orderedRange,
      method: z.enum(CRUSH_METHODS),
      moisturePercent: percent,
      temperatures: z
        .array(
          z.strictObject({
            hours: atLeast0,
            temperatureC: z.number(),
            logged: z.boolean().optional(),
          }),
        )
        .min(1, atLeast(1)),
      weighings: z.array(z.strictObject({ hours: atLeast0, kg: atLeast0 })),
      stirHours: z.array(atLeast0).optional(),
      mashHours: z.array(atLeast0).optional(),
      pressHours: z.array(atLeast0).optional(),
      drawOffs: z.array(z.strictObject({ hours: atLeast0, kg: atLeast0 })).optional(),
      vesselFullKg: atLeast0.optional(),
      nowHours: atLeast0,
      aheadHours: z.array(atLeast0),
      stopBelowGPerHour: atLeast0.optional(),
    }),
    output: z.strictObject({
      ahead: z.array(
        z.strictObject({
          hours: z.number(),
          low: z.number(),
          mid: z.number(),
          high: z.number(),
        }),
      ),
      finalKg: range,
      nineTenthsHours: range,
      fullHours: z
        .strictObject({
          earliest: z.number(),
          likely: z.number().nullable(),
          latest: z.number().nullable(),
        })
        .nullable(),
      flowGPerHour: range,
      stalled: z.boolean(),
      stopAtHours: range.nullable(),
      sentence: z.string(),
    }),
    run: drainForecastBy,
  }),
  calculator({
    name: 'cut-plan',
    summary: 'The best pieces off one comb by straight cuts round its flaws.',
    input: z
      .strictObject({
        comb: z.strictObject({ widthMm: above0, heightMm: above0 }),
        kerfMm: atLeast0,
        pieces: z
          .array(
            z.strictObject({
              id,
              widthMm: above0,
              heightMm: above0,
              value: atLeast0,
              mayTurn: z.boolean(),
              limit: z.int(A_WHOLE_NUMBER).min(0, atLeast(0)).optional(),
            }),
          )
          .min(1, refuses('field.piece-kind-once'))
          .max(24, atMost(24)),
        defects: z
          .array(
            z.strictObject({
              xMm: z.number(),
              yMm: z.number(),
              widthMm: atLeast0,
              heightMm: atLeast0,
              kind: z.string(),
            }),
          )
          .max(4000, atMost(4000)),
        stepMm: z.number().min(1, atLeast(1)).optional(),
        wasteValuePerCm2: atLeast0.optional(),
      })
      .superRefine((value, context) => uniqueIds(value.pieces, context, 'pieces')),
    output: z.strictObject({
      placements: z.array(
        z.strictObject({
          id: z.string(),
          xMm: z.number(),
          yMm: z.number(),
          widthMm: z.number(),
          heightMm: z.number(),
        }),
      ),
      value: z.number(),
      provenOptimal: z.boolean(),
      cuts: z.array(
        z.strictObject({ x1Mm: z.number(), y1Mm: z.number(), x2Mm: z.number(), y2Mm: z.number() }),
      ),
      leftoverCm2: z.number(),
      bound: z.number().optional(),
    }),
    run: cutPlan,
  }),
  calculator({
    name: 'jar-fill',
    summary: 'Which jars to fill from stock, exactly, and what runs short.',
    input: z
      .strictObject({
        honeyKg: atLeast0,
        moisturePercent: percent.optional(),
        jars: z
          .array(
            z.strictObject({
              id,
              netG: wholeG.gt(0, refuses('field.above-0')),
              stock: z.int(A_WHOLE_NUMBER).min(0, atLeast(0)),
              value: atLeast0,
            }),
          )
          .min(1, refuses('field.jar-kind-once'))
          .max(24, atMost(24)),
        goal: z.enum(['least-left', 'most-value', 'fewest-jars']),
        keepBackKg: atLeast0.optional(),
      })
      .superRefine((value, context) => uniqueIds(value.jars, context, 'jars')),
    output: z.strictObject({
      fills: z.array(z.strictObject({ id: z.string(), count: z.int(), netG: z.int() })),
      filledKg: z.number(),
      leftKg: z.number(),
      value: z.number(),
      shortage: z
        .array(z.strictObject({ id: z.string(), needed: z.int(), stock: z.int() }))
        .nullable(),
    }),
    run: jarFill,
  }),
  calculator({
    name: 'mass-balance',
    summary: 'Double-entry balance of lots and flows, to the gram.',
    input: z.strictObject(bookShape).superRefine(bookIds),
    output: z.strictObject({
      lots: z.array(z.strictObject({ id: z.string(), inG: z.int(), outG: z.int(), nowG: z.int() })),
      lossG: z.int(),
      balanced: z.boolean(),
      problems: z.array(
        z.strictObject({
          code: z.enum(['overdrawn', 'unknown-lot', 'negative']),
          lot: z.string(),
          message: z.string(),
        }),
      ),
    }),
    run: massBalance,
  }),
  calculator({
    name: 'lot-trace',
    summary: 'Where a lot came from, or where it is now, by mass.',
    input: z
      .strictObject({ ...bookShape, lot: id, direction: z.enum(['back', 'forward']) })
      .superRefine(bookIds),
    output: z.strictObject({
      shares: z.array(z.strictObject({ lot: z.string(), g: z.number(), share: z.number() })),
    }),
    run: lotTrace,
  }),
  calculator({
    name: 'judge-comb',
    summary:
      'Take, leave or test first: one comb or group of pots by its facts and the house rules.',
    input: judgeCombInputSchema,
    output: judgeCombOutputSchema,
    run: judgeCombBy,
  }),
];

/** All calculators, by name. */
export const CALCULATORS: ReadonlyMap<string, Calculator> = new Map(
  calculators.map((each) => [each.name, each]),
);

/**
 * Runs a calculator on unchecked input. `speak` says what its answer has of sentences; without one
 * they are keys.
 *
 * @throws {BadInput} (with the path of the field) for anything that does not fit its schema or that
 * it cannot compute.
 */
export function calculate(name: string, input: unknown, speak?: Speak): unknown {
  const found = CALCULATORS.get(name);
  if (!found)
    throw new BadInput(
      calcSay('calc.unknown', { name, known: [...CALCULATORS.keys()].join(', ') }),
      'name',
    );
  const parsed = found.input.safeParse(input);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    const unknownKey =
      issue.code === 'unrecognized_keys' ? [...issue.path, issue.keys[0]] : issue.path;
    throw new BadInput(refusalOf(issue.message), pathText(unknownKey));
  }
  return found.run(parsed.data as never, speak);
}

/** JSON Schema of both sides of a calculator. */
export function calculatorSchemas(name: string): { input: unknown; output: unknown } {
  const found = CALCULATORS.get(name);
  if (!found) throw new BadInput(calcSay('calc.unknown-name', { name }), 'name');
  return {
    input: z.toJSONSchema(found.input, { io: 'input' }),
    output: z.toJSONSchema(found.output),
  };
}
