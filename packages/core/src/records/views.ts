import { z } from 'zod';
import { sayRecord } from '../say/sayRecord.js';
import { STAGES } from './vocabulary/stages.js';
import { batchDetailRecord } from './harvestViews.js';
import { houseRulesSchema } from './houseRules.js';
import { gearRecord, tickRecord } from './plan.js';
import { crushPaceRecord } from './vocabulary/benchRecords.js';
import { row, id, text, number, revision, instant, range } from './vocabulary/fields.js';
import { PIECE_SHAPES } from './vocabulary/pieces.js';
import { VESSEL_ROLES } from './vocabulary/vessels.js';
import { weatherHourRecord } from './vocabulary/weather.js';

export * from './bookViews.js';
export * from './cutViews.js';
export * from './drainViews.js';
export * from './harvestViews.js';
export * from './takeViews.js';

/** What is read of the kit, the rules, the clocks and the day. */
export const vesselRecord = z
  .strictObject({
    ...row,
    id,
    name: text,
    role: z.enum(VESSEL_ROLES),
    volumeL: number,
    tareG: number,
    innerDiameterMm: number,
    headspacePercent: number.nullable(),
    holeMm: number.nullable(),
    revision,
  })
  .meta({ id: 'Vessel' });
export type Vessel = z.infer<typeof vesselRecord>;

export const jarKindRecord = z
  .strictObject({
    ...row,
    id,
    name: text,
    netG: number,
    tareG: number,
    stock: number,
    value: number,
    cost: number,
    purpose: z.enum(['jar', 'chunk', 'piece', 'sample']),
    revision,
    /** To its brim, ml, and its lid, where they were said. */
    volumeMl: number.nullable().optional(),
    lid: text.optional(),
    /**
     * Inner measures for comb, mm, its shape, and the net weights allowed; null where they were
     * never said.
     */
    widthMm: number.nullable(),
    heightMm: number.nullable(),
    depthMm: number.nullable(),
    shape: z.enum(PIECE_SHAPES),
    minG: number.nullable(),
    maxG: number.nullable(),
  })
  .meta({ id: 'JarKind' });
export type JarKindRecord = z.infer<typeof jarKindRecord>;

export const rulesVersionRecord = z
  .strictObject({
    version: number,
    recordedAt: instant,
    commandId: id.optional(),
    rules: houseRulesSchema,
  })
  .meta({ id: 'RulesVersion' });
export type RulesVersion = z.infer<typeof rulesVersionRecord>;

const CLOCK_KINDS = [
  'drain',
  'settle',
  'wait',
  'frame',
  'warm',
  'press',
  'rack',
  'freeze',
  'thaw',
  'out',
  'wax',
  'rinse',
] as const;

export const clockRecord = z
  .strictObject({
    id: text,
    kind: z.enum(CLOCK_KINDS),
    batchId: id,
    hiveName: text,
    startedAt: instant,
    dueAt: instant.nullable(),
    dueWhat: sayRecord.nullable(),
    urgent: z.boolean(),
  })
  .meta({ id: 'Clock' });
/**
 * A clock that runs on the server: told by instants, so that reload, sleep and restart do not
 * matter.
 */
export type Clock = z.infer<typeof clockRecord>;

export const todayLineRecord = z
  .strictObject({
    id: text,
    kind: text,
    stage: z.enum([...STAGES, 'rules', 'owed']),
    batchId: id.nullable(),
    hiveId: id.nullable(),
    title: sayRecord,
    dueAt: instant.nullable(),
    ifLeft: sayRecord,
    urgent: z.boolean(),
  })
  .meta({ id: 'TodayLine' });
export type TodayLine = z.infer<typeof todayLineRecord>;

export const journalLineRecord = z
  .strictObject({
    /** Who wrote it, "Ana, Blue phone"; null at the table. */
    by: text.nullable(),
    commandId: id,
    kind: text,
    sentence: sayRecord,
    occurredAt: instant,
    recordedAt: instant,
    undoneBy: id.nullable(),
  })
  .meta({ id: 'JournalLine' });
export type JournalLine = z.infer<typeof journalLineRecord>;

export const scaleReadingRecord = z.strictObject({
  value: number,
  unit: z.literal('g'),
  at: instant,
  instrument: text,
  simulated: z.boolean(),
  /** Why there is no weight: a scale that was unplugged or overloaded shows none. */
  state: z.enum(['steady', 'moving', 'overload', 'silent']),
});
export type ScaleReading = z.infer<typeof scaleReadingRecord>;

export const thermometerReadingRecord = z.strictObject({
  value: number,
  unit: z.literal('°C'),
  at: instant,
  instrument: text,
  simulated: z.boolean(),
});
export type ThermometerReading = z.infer<typeof thermometerReadingRecord>;

export const openPlansRecord = z.strictObject({
  details: z.array(batchDetailRecord),
  inUse: z.array(z.strictObject({ vesselIds: z.array(id), untilAt: instant, what: sayRecord })),
  gear: z.array(gearRecord),
  ticks: z.array(tickRecord),
  /** How long this household takes to break comb up, learned from its own drains. */
  crushPace: crushPaceRecord,
  /**
   * What the household's scale says of its estimates, a factor by hive; hives with too few
   * weighings are not in it.
   */
  corrections: z.record(text, range),
});
/**
 * What Ready plans with: every harvest whose hive is not done yet, vessels that are in use, the
 * kit, what was ticked off.
 */
export type OpenPlans = z.infer<typeof openPlansRecord>;

export const siteWeatherRecord = z.strictObject({
  siteId: id,
  zone: text,
  hours: z.array(weatherHourRecord),
  practice: z.boolean(),
  gaps: number,
});
export type SiteWeather = z.infer<typeof siteWeatherRecord>;
