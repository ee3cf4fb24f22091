import { inEnglish } from '@furrow/words';
import {
  COMPARTMENTS,
  HIVE_KIND_NAMES,
  batchRecord,
  calendarLinkRecord,
  colonyFactSchema,
  colonyRecord,
  cutBoardRecord,
  cutPieceRecord,
  datedFactRecord,
  drainEventRecord,
  drainRecord,
  frameEventRecord,
  gearCareRecord,
  gearRecord,
  holdRecord,
  incidentRecord,
  jarKindRecord,
  keepingRecord,
  labelDesignRecord,
  labelSheetRecord,
  lookRecord,
  lotRecord,
  outRecord,
  personRecord,
  photoRecord,
  printRecord,
  reserveRecord,
  rinseRecord,
  siteRecord,
  stepMarkRecord,
  storedFaceSchema,
  streamReadingRecord,
  takeRecord,
  tickRecord,
  vesselRecord,
  waterReadingRecord,
  waxCareRecord,
  waxRunRecord,
  weatherFields,
  weighingRecord,
  refusalOf,
} from '@furrow/core';
import { z } from 'zod';

const text = z.string();
const whole = z.int();
const maybe = text.nullable();

/** What every row of these tables carries. */
const row = { revision: z.int().min(1), recordedAt: text };

const range = z.strictObject({ low: z.number(), mid: z.number(), high: z.number() });
/**
 * What was decided on stays as it was worked out then; read of it is what was expected of the way
 * chosen (before it was reckoned by way: as crushed), and how stray comb hung.
 */
const decisionRecord = z.looseObject({
  outcome: z.looseObject({ honeyKg: range.optional(), honeyOutKg: range.optional() }).optional(),
  stray: text.optional(),
});

/**
 * What a row of each table is, as it is read: what the interface answers of it where the two are the
 * same, else its own columns.
 */
const KEPT = {
  sites: siteRecord,
  hives: z.strictObject({
    id: text,
    siteId: text,
    name: text,
    kind: z.enum(HIVE_KIND_NAMES),
    geometry: z.record(text, z.union([z.number(), text])),
  }),
  colonies: colonyRecord.omit({ facts: true }).extend({ parentIds: z.array(text) }),
  colonyStays: z.strictObject({
    id: text,
    colonyId: text,
    hiveId: text,
    fromOn: text,
    toOn: maybe,
  }),
  colonyFacts: z.strictObject({ id: text, colonyId: text, onDate: text, fact: colonyFactSchema }),
  carriers: z.strictObject({ id: text, kind: text, label: text, madeOn: maybe, sheet: maybe }),
  combs: z.strictObject({
    id: text,
    carrierId: text,
    kind: z.enum(['comb', 'pots']),
    builtOn: text,
    endedOn: maybe,
    endReason: maybe,
    successorIds: z.array(text),
    marks: z.array(datedFactRecord),
  }),
  placements: z.strictObject({
    id: text,
    carrierId: text,
    parentHiveId: maybe,
    parentCarrierId: maybe,
    compartment: z.enum(COMPARTMENTS),
    slot: whole,
    sideToEntrance: z.enum(['A', 'B']),
    fromOn: text,
    toOn: maybe,
  }),
  looks: lookRecord.omit({ photos: true, painted: true }).extend({
    hiveId: text,
    faceA: storedFaceSchema.nullable(),
    faceB: storedFaceSchema.nullable(),
    photoA: maybe,
    photoB: maybe,
  }),
  vessels: vesselRecord,
  jarKinds: jarKindRecord,
  gear: gearRecord,
  visits: z.strictObject({ id: text, hiveId: text, date: text, occurredAt: text }),
  batches: batchRecord
    .omit({
      hiveName: true,
      hiveKind: true,
      siteName: true,
      zone: true,
      date: true,
      expectedHoneyKg: true,
    })
    .extend({ decision: decisionRecord }),
  ticks: tickRecord,
  calendarLinks: z.strictObject({ ...calendarLinkRecord.shape, tokenHash: text }),
  weatherEntries: z.strictObject({ id: text, siteId: text, ...weatherFields }),
  takes: takeRecord,
  stepMarks: stepMarkRecord,
  incidents: incidentRecord,
  frameEvents: frameEventRecord,
  waterReadings: waterReadingRecord,
  drains: drainRecord
    .omit({ zone: true, weighings: true, events: true, readings: true })
    .extend({ potFromLotId: maybe }),
  weighings: weighingRecord,
  drainEvents: drainEventRecord,
  readings: z.strictObject({
    id: text,
    drainId: text,
    instrument: text,
    tareG: whole,
    readings: z.array(streamReadingRecord),
    occurredAt: text,
  }),
  cutBoards: cutBoardRecord,
  cutPieces: cutPieceRecord,
  keepings: keepingRecord,
  lots: lotRecord.omit({ inG: true, outG: true, nowG: true }),
  outs: outRecord,
  people: personRecord,
  reserves: reserveRecord,
  labelSheets: labelSheetRecord,
  labelDesigns: labelDesignRecord,
  prints: printRecord,
  photos: photoRecord,
  waxCares: waxCareRecord,
  waxRuns: waxRunRecord,
  rinses: rinseRecord,
  gearCares: gearCareRecord,
  holds: holdRecord.omit({ on: true }).extend({ onDate: text }),
  answers: z.strictObject({ id: text, key: text, answer: text, occurredAt: text }),
} as const satisfies Record<string, z.ZodObject>;

/** A table whose rows are written through the unit of work. */
export type TableName = keyof typeof KEPT;
export const TABLE_NAMES = Object.keys(KEPT) as TableName[];
/** A row of it, as it is read. */
export type RowOf<Table extends TableName> = Omit<
  z.output<(typeof KEPT)[Table]>,
  keyof typeof row
> & {
  revision: number;
  recordedAt: string;
};

/** Columns that the database begins with something of its own. */
interface Begins {
  sites: 'notes' | 'forage' | 'tasks';
  combs: 'marks';
  lots: 'granulating';
  takes: 'byBox' | 'withPollen' | 'netBy';
}
type BegunOf<Table> = Table extends keyof Begins ? Begins[Table] : never;
type NullableOf<Thing> = {
  [Field in keyof Thing]: null extends Thing[Field] ? Field : never;
}[keyof Thing];
type Optional<Thing, Field extends PropertyKey> = Omit<Thing, Field> &
  Partial<Pick<Thing, Field & keyof Thing>>;
type Said<Table extends TableName> = Omit<RowOf<Table>, keyof typeof row>;
/**
 * A row as it is written: what may be nothing and what begins by itself may be left out, and the
 * store adds its own.
 */
export type NewRow<Table extends TableName> = Optional<
  Said<Table>,
  NullableOf<Said<Table>> | BegunOf<Table>
>;
/** What a change says: some of its columns, or that it was taken back. */
export type Changes<Table extends TableName> = Partial<NewRow<Table>> & { removedAt?: string };

const SCHEMAS = new Map<string, z.ZodObject>(
  Object.entries(KEPT).map(([table, schema]) => [table, schema.extend(row)]),
);

/**
 * Holds a row against what its table is said to keep. Done where Furrow is made and tested; built
 * for use rows are trusted, they were parsed when they came in.
 *
 * @throws Where they differ, with the table, the row and the column.
 */
export function provenRow(table: string, thing: Record<string, unknown>): void {
  const found = SCHEMAS.get(table)?.safeParse(thing);
  if (!found || found.success) return;
  const [issue] = found.error.issues;
  const why = inEnglish(refusalOf(issue.message));
  throw new Error(
    `A row of ${table} is not what it is said to be: ${issue.path.join('.')}, ${why} (${String(thing.id)})`,
  );
}
