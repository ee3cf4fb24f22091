import { z } from 'zod';
import {
  OUTSIDE_VIEWS,
  paneSchema,
  potsSchema,
  sharesSchema,
  storedFaceSchema,
} from '../vocabulary/comb.js';
import { WAYS } from '../vocabulary/ways.js';
import { HIVE_KIND_NAMES } from '../vocabulary/hive.js';
import type { BoxEvent } from '../vocabulary/boxes.js';
import { type CombVerdict, type Finding, QUESTIONS, WEIGHTS } from '../vocabulary/verdict.js';
import { colonyFactSchema, type DatedFact } from '../colony.js';
import { readingSchema } from '../look.js';
import { siteTaskSchema } from '../plan.js';
import type {
  BarView,
  BoxView,
  Colony,
  CombEmptied,
  CombView,
  Hive,
  Look,
  LookFaces,
  Site,
} from '../hiveViews.js';
import { day, id, instant, number, revision, row, text } from './common.js';

/**
 * What the server answers of sites, hives and what was looked at, as schemas: types that reach the
 * wire.
 */
export const siteAnswer: z.ZodType<Site> = z
  .strictObject({
    ...row,
    id,
    name: text,
    zone: text,
    hemisphere: z.enum(['north', 'south']),
    notes: z.array(text),
    forage: z.partialRecord(text, z.enum(['flow', 'some', 'dearth'])),
    tasks: z.array(siteTaskSchema),
    latitude: number.nullable(),
    longitude: number.nullable(),
    poisonousNectar: z.enum(['yes', 'no', 'ask']).nullable(),
    revision,
  })
  .meta({ id: 'Site' });

const datedFact: z.ZodType<DatedFact> = z
  .strictObject({ id, on: day, fact: colonyFactSchema })
  .meta({ id: 'DatedFact' });

const colonyAnswer: z.ZodType<Colony> = z
  .strictObject({
    ...row,
    id,
    startedOn: day,
    startedAssumed: z.boolean(),
    endedOn: day.nullable(),
    facts: z.array(datedFact),
    revision,
  })
  .meta({ id: 'Colony' });

const findingAnswer: z.ZodType<Finding> = z
  .strictObject({
    question: z.enum(QUESTIONS),
    answer: z.enum(['yes', 'no', 'unknown']),
    weight: z.enum(WEIGHTS),
    rule: text,
    measured: number.optional(),
    limit: number.optional(),
    unit: z.enum(['%', 'kg', 'days', 'pots', '°']).optional(),
    restsOn: z.array(z.strictObject({ fact: text, on: day, ageDays: number, stale: z.boolean() })),
    sentence: text,
  })
  .meta({ id: 'Finding' });

const verdictAnswer: z.ZodType<CombVerdict> = z
  .strictObject({
    verdict: z.enum(['take', 'leave', 'test', 'not-read']),
    decidedBy: z.enum(QUESTIONS),
    headline: text,
    findings: z.array(findingAnswer),
    cappedPercent: number.nullable(),
    wettestPercent: number.nullable(),
  })
  .meta({ id: 'CombVerdict' });

const SEEN_BY = ['hand', 'photo', 'window', 'end-pane', 'below', 'above'] as const;
const bySide = <T extends z.ZodType>(side: T) => z.strictObject({ A: side, B: side });

export const lookAnswer: z.ZodType<Look> = z
  .strictObject({
    ...row,
    id,
    combId: id,
    slot: number,
    occurredAt: instant,
    date: day,
    sides: bySide(sharesSchema.nullable()),
    seenBy: bySide(z.enum(SEEN_BY).nullable()),
    photos: bySide(id.nullable()),
    pane: paneSchema.nullable(),
    attachment: z.enum(OUTSIDE_VIEWS).nullable(),
    pots: potsSchema.nullable(),
    straight: z.boolean().nullable(),
    readings: z.array(readingSchema),
    combAge: z.enum(['new', 'used', 'brood-used']),
    depthMm: number,
    thicknessMm: number,
    painted: bySide(z.boolean()),
    verdict: verdictAnswer,
    rulesVersion: number,
    revision,
  })
  .meta({ id: 'Look' });

export const lookFacesAnswer: z.ZodType<LookFaces> = bySide(storedFaceSchema.nullable()).meta({
  id: 'LookFaces',
});

const combEmptied: z.ZodType<CombEmptied> = z.strictObject({
  on: day,
  way: z.enum(WAYS),
  potsEmptied: number.nullable(),
});
const combAnswer: z.ZodType<CombView> = z
  .strictObject({
    ...row,
    id,
    emptied: combEmptied.nullable(),
    builtOn: day,
    looks: z.array(lookAnswer),
    marks: z.array(datedFact),
  })
  .meta({ id: 'Comb' });
const barAnswer: z.ZodType<BarView> = z
  .strictObject({
    carrierId: id,
    slot: number,
    inBox: number,
    boxId: id.nullable(),
    comb: combAnswer.nullable(),
  })
  .meta({ id: 'Bar' });
const boxAnswer: z.ZodType<BoxView> = z
  .strictObject({
    carrierId: id,
    number,
    compartment: z.enum(['file', 'box', 'brood', 'super']),
    turned: z.boolean(),
    turnedOn: day.nullable(),
    sinceOn: day,
    madeOn: day,
    revision,
  })
  .meta({ id: 'Box' });

export const hiveAnswer: z.ZodType<Hive> = z
  .strictObject({
    ...row,
    id,
    siteId: id,
    name: text,
    kind: z.enum(HIVE_KIND_NAMES),
    geometry: z.record(text, z.union([number, text])),
    revision,
    site: siteAnswer,
    colony: colonyAnswer.nullable(),
    potsDrawnOn: day.nullable(),
    lastLookOn: day.nullable(),
    boxes: z.array(boxAnswer),
    bars: z.array(barAnswer),
  })
  .meta({ id: 'Hive' });

/** What became of the boxes of a hive, newest first. */
export const boxEventAnswer: z.ZodType<BoxEvent> = z.strictObject({
  on: day,
  sentence: text,
  g: number.optional(),
});
