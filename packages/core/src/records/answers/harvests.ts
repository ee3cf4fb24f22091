import { z } from 'zod';
import { BLEMISHES, GRADES, PACKINGS, PESTS } from '../vocabulary/pieces.js';
import { WAYS } from '../vocabulary/ways.js';
import { FLAW_KINDS } from '../vocabulary/flaws.js';
import { ARRANGEMENTS, FINENESS } from '../vocabulary/bench.js';
import { HIVE_KIND_NAMES } from '../vocabulary/hive.js';
import { FLOWER_SUPPORTS } from '../vocabulary/labels.js';
import {
  COMB_CONDITIONS,
  FRAME_EVENT_KINDS,
  INCIDENT_KINDS,
  NET_BY,
  TAKE_OUTCOMES,
  WENT_TO,
} from '../vocabulary/outcomes.js';
import { DRAIN_EVENT_KINDS } from '../bench.js';
import { KEEPING_KINDS, PIECE_STATES, SPOILT_CAUSES } from '../cut.js';
import { planSchema, STAGES } from '../harvest.js';
import type {
  Batch,
  BatchDetail,
  CutBoard,
  CutPiece,
  Drain,
  DrainEvent,
  Flow,
  FrameEvent,
  Incident,
  Keeping,
  Lot,
  LotWater,
  Out,
  Person,
  StepMark,
  Take,
  WaterReading,
  Weighing,
} from '../harvestViews.js';
import { type Hold, HOLD_CAUSES, type HoldView } from '../holds.js';
import { benchReadingSchema } from '../look.js';
import { FATES } from '../outs.js';
import { day, id, instant, number, range, revision, row, text } from './common.js';
import { hiveAnswer, lookAnswer } from './hives.js';

/**
 * What the server answers of harvests, from what was taken to what stands on the shelf, as schemas.
 */
const grams = z.int();
const yesNo = z.boolean();

export const batchAnswer: z.ZodType<Batch> = z
  .strictObject({
    ...row,
    id,
    visitId: id,
    hiveId: id,
    hiveName: text,
    hiveKind: z.enum(HIVE_KIND_NAMES),
    siteName: text,
    zone: text,
    date: day,
    method: z.enum(WAYS),
    lotGroup: text.nullable(),
    lotName: text.nullable(),
    stage: z.enum(STAGES),
    closedAt: instant.nullable(),
    lookedBackAt: instant.nullable(),
    combIds: z.array(id),
    anyway: z.array(z.strictObject({ combId: id, reason: text })),
    plan: planSchema.nullable(),
    rulesVersion: number,
    code: text.nullable(),
    expectedHoneyKg: range.nullable().optional(),
    handsOnMinutes: number,
    createdAt: instant,
    revision,
  })
  .meta({ id: 'Batch' });

const takeAnswer: z.ZodType<Take> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    combId: id,
    slot: number,
    outcome: z.enum(TAKE_OUTCOMES),
    vesselId: id.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    netG: grams.nullable(),
    netBy: z.enum(NET_BY),
    guessG: grams.nullable(),
    condition: z.enum(COMB_CONDITIONS).nullable(),
    wentTo: z.enum(WENT_TO).nullable(),
    potsEmptied: number.nullable(),
    withPollen: yesNo,
    byBox: yesNo,
    occurredAt: instant,
  })
  .meta({ id: 'Take' });

const weighingAnswer: z.ZodType<Weighing> = z
  .strictObject({
    ...row,
    id,
    drainId: id,
    of: z.enum(['lower', 'upper']),
    grossG: grams,
    tareG: grams,
    netG: grams,
    source: z.enum(['hand', 'scale']),
    leftOut: yesNo,
    occurredAt: instant,
  })
  .meta({ id: 'Weighing' });

const drainEventAnswer: z.ZodType<DrainEvent> = z
  .strictObject({
    ...row,
    id,
    drainId: id,
    kind: z.enum(DRAIN_EVENT_KINDS),
    g: grams.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    temperatureC: number.nullable(),
    moisturePercent: number.nullable(),
    minutes: number,
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'DrainEvent' });

const drainAnswer: z.ZodType<Drain> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    zone: text,
    arrangement: z.enum(ARRANGEMENTS),
    upperVesselId: id.nullable(),
    lowerVesselId: id.nullable(),
    holeMm: number.nullable(),
    method: z.enum(['mash', 'chop', 'slice']),
    fineness: z.enum(FINENESS),
    thixotropic: yesNo,
    moisturePercent: number,
    temperatureC: number,
    nightTemperatureC: number.nullable(),
    potStartG: grams,
    potFromLotId: id.nullable().optional(),
    crushMinutes: number.nullable(),
    startedAt: instant,
    endedAt: instant.nullable(),
    crushedG: grams,
    weighings: z.array(weighingAnswer),
    events: z.array(drainEventAnswer),
    readings: z.array(z.strictObject({ at: instant, g: number })),
    revision,
  })
  .meta({ id: 'Drain' });

const stepMarkAnswer: z.ZodType<StepMark> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    stepId: text,
    answer: z.record(text, z.union([text, number, yesNo])),
    occurredAt: instant,
  })
  .meta({ id: 'StepMark' });

const incidentAnswer: z.ZodType<Incident> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(INCIDENT_KINDS),
    stepId: text,
    combId: id.nullable(),
    count: number.nullable(),
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'Incident' });

const frameEventAnswer: z.ZodType<FrameEvent> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    combId: id,
    kind: z.enum(FRAME_EVENT_KINDS),
    g: grams.nullable(),
    grossG: grams.nullable(),
    tareG: grams.nullable(),
    vesselId: id.nullable(),
    shares: z.record(text, number).nullable(),
    sharedBy: z.enum(['alone', 'estimate', 'asked']).nullable(),
    note: text,
    occurredAt: instant,
  })
  .meta({ id: 'FrameEvent' });

const waterReadingAnswer: z.ZodType<WaterReading> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    reading: benchReadingSchema,
    moisturePercent: number,
    occurredAt: instant,
  })
  .meta({ id: 'WaterReading' });

const cutBoardFields = {
  ...row,
  id,
  batchId: id,
  combId: id,
  widthMm: number,
  heightMm: number,
  thicknessMm: number,
  flaws: z.array(
    z.strictObject({
      kind: z.enum(FLAW_KINDS),
      xMm: number,
      yMm: number,
      widthMm: number,
      heightMm: number,
      thicknessMm: number.optional(),
    }),
  ),
  seen: z.enum(['both', 'one', 'none']),
  sheetSeasons: number.nullable(),
  cuts: z.array(z.strictObject({ x1Mm: number, y1Mm: number, x2Mm: number, y2Mm: number })),
  cutsDone: number,
  value: number.nullable(),
  provenOptimal: yesNo,
  possiblePieces: number.nullable(),
  spoilt: z.enum(SPOILT_CAUSES).nullable(),
  doneAt: instant.nullable(),
  revision,
};
const cutBoardAnswer: z.ZodType<CutBoard> = z.strictObject(cutBoardFields).meta({ id: 'CutBoard' });

const cutPieceAnswer: z.ZodType<CutPiece> = z
  .strictObject({
    ...row,
    id,
    boardId: id,
    batchId: id,
    jarKindId: id,
    xMm: number,
    yMm: number,
    widthMm: number,
    heightMm: number,
    lowG: number,
    midG: number,
    highG: number,
    bestSide: z.enum(['A', 'B']).nullable(),
    state: z.enum(PIECE_STATES),
    blemishes: z.array(z.enum(BLEMISHES)),
    netG: grams.nullable(),
    grade: z.enum(GRADES).nullable(),
    price: number.nullable(),
    reason: text.nullable(),
    lotId: id.nullable(),
    revision,
  })
  .meta({ id: 'CutPiece' });

const keepingAnswer: z.ZodType<Keeping> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(KEEPING_KINDS),
    order: z.enum(['whole', 'pieces']),
    pieces: number,
    thicknessMm: number,
    packing: z.enum(PACKINGS),
    widthMm: number.nullable(),
    heightMm: number.nullable(),
    apart: yesNo,
    litres: number,
    pest: z.enum(PESTS),
    freezerC: number.nullable(),
    roomC: number,
    moisturePercent: number,
    humidityPercent: number.nullable(),
    startedAt: instant,
    dueAt: instant,
    endedAt: instant.nullable(),
    cracked: number,
    note: text,
    revision,
  })
  .meta({ id: 'Keeping' });

export const outAnswer: z.ZodType<Out> = z
  .strictObject({
    ...row,
    id,
    lotId: id,
    fate: z.enum(FATES),
    count: number,
    g: grams,
    price: number.nullable(),
    discountAmount: number.nullable(),
    discountPercent: number.nullable(),
    personId: id.nullable(),
    occurredAt: instant,
  })
  .meta({ id: 'Out' });

export const personAnswer: z.ZodType<Person> = z
  .strictObject({ ...row, id, name: text })
  .meta({ id: 'Person' });

const LOT_KINDS = [
  'comb',
  'crushed',
  'honey',
  'wet-wax',
  'clean-wax',
  'pieces',
  'jars',
  'rinse',
  'debris',
  'mead',
] as const;
export const lotAnswer: z.ZodType<Lot> = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(LOT_KINDS),
    name: text,
    code: text.nullable(),
    count: number.nullable(),
    netG: grams.nullable(),
    jarKindId: id.nullable(),
    lowestWeighedG: grams.nullable(),
    weights: z.array(grams).nullable(),
    flower: text.nullable(),
    flowerSupport: z.enum(FLOWER_SUPPORTS).nullable(),
    useBy: day.nullable(),
    granulating: yesNo,
    inG: grams,
    outG: grams,
    nowG: grams,
  })
  .meta({ id: 'Lot' });

export const lotWaterAnswer: z.ZodType<LotWater> = z.strictObject({
  lotId: id,
  measuredPercent: number.nullable(),
});

export const flowAnswer: z.ZodType<Flow> = z
  .strictObject({
    ...row,
    id,
    from: text,
    to: text,
    g: grams,
    at: instant,
    recordedAt: instant,
    voids: id.nullable(),
    reason: text,
    commandId: id,
    by: text.nullable(),
  })
  .meta({ id: 'Flow' });

const holdFields = {
  ...row,
  id,
  batchId: id,
  cause: z.enum(HOLD_CAUSES),
  sentence: text,
  on: day,
  liftedOn: day.nullable(),
  liftedWord: text.nullable(),
  revision,
};
const holdAnswer: z.ZodType<Hold> = z.strictObject(holdFields).meta({ id: 'Hold' });
export const holdViewAnswer: z.ZodType<HoldView> = z.strictObject({
  ...holdFields,
  hiveName: text,
  harvestedOn: day,
  lots: z.array(
    z.strictObject({
      ...row,
      id,
      batchId: id,
      kind: text,
      name: text,
      code: text.nullable(),
      nowG: grams,
    }),
  ),
});

const balance = {
  lots: z.array(lotAnswer),
  flows: z.array(flowAnswer),
  lossG: grams,
  balanced: yesNo,
  problems: z.array(z.strictObject({ code: text, lot: text, message: text })),
};

/** The book, or a part of it, with its balance. */
export const bookAnswer = z.strictObject(balance).meta({ id: 'Book' });

export const batchDetailAnswer: z.ZodType<BatchDetail> = z
  .strictObject({
    batch: batchAnswer,
    hive: hiveAnswer,
    sameVisit: z.array(z.strictObject({ id, stage: z.enum(STAGES), leftOpen: yesNo })),
    looks: z.array(lookAnswer),
    takes: z.array(takeAnswer),
    marks: z.array(stepMarkAnswer),
    incidents: z.array(incidentAnswer),
    frameEvents: z.array(frameEventAnswer),
    waterReadings: z.array(waterReadingAnswer),
    boards: z.array(cutBoardAnswer),
    pieces: z.array(cutPieceAnswer),
    keepings: z.array(keepingAnswer),
    outs: z.array(outAnswer),
    holds: z.record(text, z.array(holdAnswer)),
    drains: z.array(drainAnswer),
    ...balance,
  })
  .meta({ id: 'BatchDetail' });

/** Everything that lay on the cutting board, without its lines, with what came of it. */
export const cutHistoryAnswer = z.strictObject({
  boards: z.array(z.strictObject({ ...cutBoardFields, hiveName: text, date: day })),
  pieces: z.array(cutPieceAnswer),
  outs: z.array(outAnswer),
  keepings: z.array(keepingAnswer),
  racks: z.array(z.strictObject({ hours: number, temperatureC: number, moisturePercent: number })),
});
