import { houseSay } from '@furrow/words';
import {
  COMPARTMENTS,
  HIVE_KIND_NAMES,
  STAGES,
  TAKE_OUTCOMES,
  VERDICTS,
  benchReadingSchema,
  changeCutBoardSchema,
  changeCutPieceSchema,
  changeGearSchema,
  changeSiteSchema,
  changeVesselSchema,
  colonyFactSchema,
  dateSchema,
  geometryIssues,
  gramsSchema,
  houseRulesSchema,
  idSchema,
  instantSchema,
  labelFieldSchema,
  newCutBoardSchema,
  newDrainEventSchema,
  newDrainSchema,
  newFrameEventSchema,
  newHarvestSchema,
  newHiveFieldsSchema,
  newIncidentSchema,
  newJarKindSchema,
  newKeepingSchema,
  newLabelDesignSchema,
  newLabelSheetSchema,
  newLookSchema,
  newRinseSchema,
  newSiteSchema,
  newTakeSchema,
  newTickSchema,
  newWaxCareSchema,
  newWaxSchema,
  newWeatherEntrySchema,
  newWeighingSchema,
  planCutSchema,
  planSchema,
  storedFaceSchema,
  type HiveKindName,
  unitsSchema,
  refusalOf,
  type Say,
} from '@furrow/core';
import { z } from 'zod';
import type { ColumnKind } from './columnKinds.js';

type Shape = Readonly<Record<string, z.ZodType>>;

const ids = z.array(idSchema);
const object = z.record(z.string(), z.unknown());
/**
 * A weight that may be read after a tare was zeroed: below nothing by a hair, never by a kilogram.
 */
const net = z.int().min(-1000).max(1_000_000);
/** What a book moves at a time. */
const moved = z.int().min(0).max(100_000_000);

/** A treatment, a feeding, a check that went with a comb from the colony it hung with before. */
const markSchema = z.strictObject({ id: idSchema, on: dateSchema, fact: colonyFactSchema });

/**
 * What each column of a table may hold where its name does not say it: the schemas a person's entry
 * passes, by the same words, and the vocabularies that entries are turned into. What stands in none
 * is judged by its kind alone.
 */
const SHAPES: Readonly<Record<string, Shape>> = {
  sites: { ...newSiteSchema.shape, ...changeSiteSchema.shape },
  hives: { ...newHiveFieldsSchema.shape, geometry: object },
  colonies: { parentIds: ids },
  carriers: { kind: z.enum(['bar', 'box', 'comb', 'frame', 'cluster']), label: z.string().max(80) },
  combs: {
    successorIds: ids,
    marks: z.array(markSchema),
    kind: z.enum(['comb', 'pots']),
  },
  placements: {
    compartment: z.enum(COMPARTMENTS),
    sideToEntrance: z.enum(['A', 'B']),
  },
  looks: {
    ...newLookSchema.shape,
    verdict: z.looseObject({ verdict: z.enum(VERDICTS) }),
    faceA: storedFaceSchema,
    faceB: storedFaceSchema,
  },
  colonyFacts: { fact: colonyFactSchema },
  // Rules that a later Furrow dropped stand in older versions: they are left as they are.
  ruleVersions: {
    rules: z.looseObject({
      ...houseRulesSchema.partial().shape,
      units: z.union([unitsSchema, z.enum(['metric', 'imperial'])]),
    }),
  },
  vessels: changeVesselSchema.shape,
  jarKinds: newJarKindSchema.shape,
  batches: {
    method: newHarvestSchema.shape.method,
    stage: z.enum(STAGES),
    combIds: ids,
    anyway: z.array(object),
    decision: object,
    plan: planSchema,
  },
  takes: { ...newTakeSchema.shape, outcome: z.enum(TAKE_OUTCOMES), netG: net },
  drains: { ...newDrainSchema.shape, crushedG: moved },
  weighings: { ...newWeighingSchema.shape, netG: net },
  drainEvents: newDrainEventSchema.shape,
  lots: { weights: z.array(gramsSchema) },
  flows: { g: moved },
  weatherEntries: newWeatherEntrySchema.shape,
  gear: changeGearSchema.shape,
  ticks: { state: newTickSchema.shape.state },
  stepMarks: { answer: object },
  incidents: newIncidentSchema.shape,
  frameEvents: { kind: newFrameEventSchema.shape.kind, shares: z.array(z.unknown()).or(object) },
  waterReadings: { reading: benchReadingSchema },
  readings: { readings: z.array(z.unknown()) },
  cutBoards: {
    ...newCutBoardSchema.shape,
    cuts: planCutSchema.shape.cuts,
    spoilt: changeCutBoardSchema.shape.spoilt,
  },
  cutPieces: {
    state: changeCutPieceSchema.shape.state,
    blemishes: changeCutPieceSchema.shape.blemishes,
    grade: changeCutPieceSchema.shape.grade,
  },
  keepings: newKeepingSchema.shape,
  labelSheets: newLabelSheetSchema.shape,
  labelDesigns: newLabelDesignSchema.shape,
  prints: { sheet: object, fields: z.array(labelFieldSchema), labels: z.array(object) },
  waxCares: { kind: newWaxCareSchema.shape.kind },
  waxRuns: { way: newWaxSchema.shape.way, blocks: newWaxSchema.shape.blocks },
  rinses: { litres: newRinseSchema.shape.litres, brixPercent: newRinseSchema.shape.brixPercent },
};

const BY_KIND: Readonly<Record<ColumnKind, z.ZodType>> = {
  id: idSchema,
  instant: instantSchema,
  date: dateSchema,
  flag: z.boolean(),
  json: z.json(),
  grams: gramsSchema,
  number: z.number(),
  whole: z.int(),
  // Lines of the journal hold whole rows, painted cells among them.
  text: z.string().max(4_000_000),
};

/** A column of a row as it is kept: its name, and what stands in it by its name. */
export interface KeptColumn {
  name: string;
  kind: ColumnKind;
}
/** What is wrong in a row: the column, and a sentence. */
export interface RowFault {
  column: string;
  says: Say;
}

/** JSON and flags as they are meant; undefined where the text is no JSON. */
function meant(kind: ColumnKind, value: unknown): unknown {
  if (kind === 'flag') return value === 1 || value === 0 ? value === 1 : value;
  if (kind !== 'json') return value;
  try {
    return JSON.parse(String(value));
  } catch {
    return undefined;
  }
}

/**
 * The first thing wrong in a row as it is kept, held against what a person's entry would have to
 * pass; null where it is sound. Takes the table, its columns with their kinds, and the values;
 * nothing in a cell is never wrong here, because the table itself says where something must stand.
 */
export function faultOf(
  table: string,
  columns: readonly KeptColumn[],
  values: Readonly<Record<string, unknown>>,
): RowFault | null {
  for (const { name, kind } of columns) {
    const value = values[name];
    if (value === null || value === undefined) continue;
    const schema = SHAPES[table]?.[name] ?? BY_KIND[kind];
    const found = schema.safeParse(meant(kind, value));
    if (!found.success) return { column: name, says: refusalOf(found.error.issues[0].message) };
  }
  return geometryFault(table, values);
}

/** Measures of a hive are judged by its kind. */
function geometryFault(table: string, values: Readonly<Record<string, unknown>>): RowFault | null {
  if (table !== 'hives') return null;
  const { kind, geometry } = values;
  if (!HIVE_KIND_NAMES.includes(kind as HiveKindName))
    return { column: 'kind', says: houseSay('refusal.no-known-hive-kind') };
  const [issue] = geometryIssues(kind as HiveKindName, JSON.parse(String(geometry)) as never);
  return issue ? { column: 'geometry', says: houseSay('refusal.measure-of', issue) } : null;
}

/**
 * Whether a column kept as JSON holds a list or an object; 'any' where entries may have written
 * either.
 */
export function jsonTypeOf(table: string, column: string): 'array' | 'object' | 'any' {
  let schema = SHAPES[table]?.[column];
  while (
    schema instanceof z.ZodOptional ||
    schema instanceof z.ZodNullable ||
    schema instanceof z.ZodDefault
  )
    schema = schema.unwrap() as z.ZodType;
  if (schema instanceof z.ZodArray) return 'array';
  const isObject =
    schema instanceof z.ZodObject ||
    schema instanceof z.ZodRecord ||
    schema instanceof z.ZodDiscriminatedUnion;
  return isObject ? 'object' : 'any';
}
