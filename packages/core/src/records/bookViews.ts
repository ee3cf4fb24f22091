import { sayRecord } from '../say/sayRecord.js';
import { z } from 'zod';
import { FATES } from './vocabulary/fates.js';
import { row, id, number, grams, instant, text, day } from './vocabulary/fields.js';
import { FLOWER_SUPPORTS } from './vocabulary/labels.js';

/** What is read of the book: lots, flows, what went out and to whom. */
export const outRecord = z
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
export type Out = z.infer<typeof outRecord>;

export const personRecord = z.strictObject({ ...row, id, name: text }).meta({ id: 'Person' });
/** Somebody honey went to. The name can be forgotten: then it is empty. */
export type Person = z.infer<typeof personRecord>;

export const LOT_KINDS = [
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

export type LotKind = (typeof LOT_KINDS)[number];

export const lotRecord = z
  .strictObject({
    ...row,
    id,
    batchId: id,
    kind: z.enum(LOT_KINDS),
    /** What it is called: of which harvest, and what it is. */
    name: sayRecord,
    code: text.nullable(),
    count: number.nullable(),
    netG: grams.nullable(),
    jarKindId: id.nullable(),
    lowestWeighedG: grams.nullable(),
    weights: z.array(grams).nullable(),
    flower: text.nullable(),
    flowerSupport: z.enum(FLOWER_SUPPORTS).nullable(),
    useBy: day.nullable(),
    /** Whether it crystallises: it counts one grade worse. */
    granulating: z.boolean(),
    inG: grams,
    outG: grams,
    nowG: grams,
  })
  .meta({ id: 'Lot' });
export type Lot = z.infer<typeof lotRecord>;

export const lotWaterRecord = z.strictObject({
  lotId: id,
  measuredPercent: number.nullable(),
});
/** Water of honey that stands there, percent, as it was measured; null where nobody measured. */
export type LotWater = z.infer<typeof lotWaterRecord>;

export const flowRecord = z
  .strictObject({
    ...row,
    id,
    from: text,
    to: text,
    g: grams,
    at: instant,
    recordedAt: instant,
    voids: id.nullable(),
    /** Why it went. */
    reason: sayRecord,
    commandId: id,
    /** The person and the device that wrote it; null at the household's own table. */
    by: text.nullable(),
  })
  .meta({ id: 'Flow' });
export type Flow = z.infer<typeof flowRecord>;

export const balance = {
  lots: z.array(lotRecord),
  flows: z.array(flowRecord),
  lossG: grams,
  balanced: z.boolean(),
  problems: z.array(z.strictObject({ code: text, lot: text, message: sayRecord })),
};
